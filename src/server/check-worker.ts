/** One text read, danced and checked, away from the thread that answers everybody. */
import { reportDance, studyText, type Report } from '../core';

export default function check(text: string): Report {
  const { dance, findings } = studyText(text);
  return reportDance(dance, findings);
}
