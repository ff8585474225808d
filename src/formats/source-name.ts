/** The name under which a PDF of this slate carries its script. */
export const SOURCE_NAME = 'pace-slate-script.txt';
