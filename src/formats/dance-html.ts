/** The full sheet as one self-contained HTML file. The dance's text travels inside it, so that the file can be opened again. */
import { SHEET_WORDS, type FootMark, type Sheet, type SheetLine, type SheetSection, type SheetWords } from '../core';

const SOURCE_ID = 'pace-slate-source';

const escape = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');

/** `fonts`: @font-face rules with their data inside, or nothing. */
export function printDanceHtml(sheet: Sheet, text: string, fonts = ''): string {
  const title = escape(sheet.title);
  const words = SHEET_WORDS[sheet.language];
  // "<" is written as an escape so that no text of a dance can end the element.
  const source = JSON.stringify({ text }).replace(/</g, '\\u003c');
  return `<!doctype html>
<html lang="${sheet.language}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title}</title>
<style>${fonts}${STYLE}</style>
</head>
<body>
<main>
<h1>${title}</h1>
<dl>${sheet.facts.map(([label, value]) => `<div><dt>${escape(label)}</dt><dd>${escape(value)}</dd></div>`).join('')}</dl>
${sheet.sections.map((section) => printSection(section, words)).join('\n')}
${printWalls(sheet, words)}
${sheet.isTranslated ? `<p class="ends">${escape(words.asTyped)}</p>` : ''}
${sheet.others.map(({ heading, lines }) => `<section><h2>${escape(heading)}</h2>${lines.map((line) => `<p>${escape(line)}</p>`).join('')}</section>`).join('\n')}
${sheet.cautions.length > 0 ? `<section class="care"><h2>${escape(words.takeCare)}</h2>${sheet.cautions.map((caution) => `<p>${escape(caution)}</p>`).join('')}</section>` : ''}
</main>
<script type="application/json" id="${SOURCE_ID}">${source}</script>
</body>
</html>
`;
}

function printSection({ name, title, rows, hour, weight }: SheetSection, words: SheetWords): string {
  const body = rows
    .map((row) =>
      'line' in row
        ? printLine(row.line, words)
        : `<tr class="aside"><td></td><td colspan="3">${escape(row.aside.text)}</td></tr>`,
    )
    .join('\n');
  const { columns } = words;
  return `<section>
<h2>${escape(name)}<span>${escape(title)}</span></h2>
<table><thead><tr>${[columns.counts, columns.call, columns.feet, columns.facing].map((label) => `<th scope="col">${label}</th>`).join('')}</tr></thead>
<tbody>
${body}
</tbody></table>
<p class="ends">${words.endsFacing(hour, weight)}</p>
</section>`;
}

function printWalls({ walls, wallsSentence }: Sheet, { wallColumns }: SheetWords): string {
  if (walls.length === 0) return '';
  const rows = walls.map(
    ({ name, startHour, endHour, counts, happens }) =>
      `<tr><th scope="row">${escape(name)}</th><td>${startHour}</td><td>${escape(counts)}</td><td>${escape(happens.join('; '))}</td><td class="hour">${endHour}</td></tr>`,
  );
  return `<section class="walls">
<h2>${wallColumns.title}</h2>
<table><thead><tr>${[wallColumns.wall, wallColumns.starts, wallColumns.counts, wallColumns.happens, wallColumns.ends].map((label) => `<th scope="col">${label}</th>`).join('')}</tr></thead>
<tbody>
${rows.join('\n')}
</tbody></table>
<p>${escape(wallsSentence)}</p>
</section>`;
}

const MARKS: Readonly<Record<FootMark['kind'], (foot: string) => string>> = {
  weight: (foot) => foot,
  gesture: (foot) => `(${foot})`,
  both: () => 'both',
  hold: () => '–',
  hands: () => '·',
};

function printLine({ counts, call, feet, hour, cues, notes }: SheetLine, { letters }: SheetWords): string {
  const extras = [...cues.map((cue) => `“${cue}”`), ...notes]
    .map((extra) => ` <small>${escape(extra)}</small>`)
    .join('');
  const marks = feet.map((mark) => MARKS[mark.kind](mark.foot ? letters[mark.foot] : '')).join(' ');
  return `<tr><th scope="row">${escape(counts)}</th><td>${escape(call)}${extras}</td><td class="feet">${marks}</td><td class="hour">${hour ?? ''}</td></tr>`;
}

/** The text inside an HTML file that this slate made. */
export function readDanceHtml(html: string): { readonly text: string } | { readonly problem: string } {
  const match = new RegExp(`<script type="application/json" id="${SOURCE_ID}">([\\s\\S]*?)</script>`).exec(html);
  if (!match)
    return {
      problem: 'This web page was not made by this slate. Copy its words and paste them into a new dance.',
    };
  try {
    const { text } = JSON.parse(match[1]) as { text?: unknown };
    if (typeof text === 'string') return { text };
  } catch {
    // Told below.
  }
  return { problem: 'The dance inside this web page is damaged.' };
}

const STYLE = `
:root{color-scheme:light}
body{margin:0;background:#fff;color:#1c272d;font:16px/1.45 "Atkinson Hyperlegible Next",system-ui,sans-serif}
main{max-width:46rem;margin:0 auto;padding:2rem 1.25rem}
h1{font-size:2rem;line-height:1.15;margin:0 0 .75rem}
dl{display:flex;flex-wrap:wrap;gap:.25rem 1.75rem;margin:0 0 1.5rem;padding:.75rem 0;border:solid #24323a;border-width:2px 0 1px}
dl div{display:flex;gap:.5rem}dt{color:#56605c}dd{margin:0;font-weight:600}
section{break-inside:avoid;margin:0 0 1.25rem}
h2{font-size:1.05rem;margin:0;padding-bottom:.25rem;border-bottom:1.5px solid #24323a}
h2 span{font-weight:400;color:#56605c;margin-left:.75rem}
table{border-collapse:collapse;width:100%}
thead th{position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)}
td,tbody th{padding:.3rem .5rem .3rem 0;border-bottom:1px solid #ded8ca;vertical-align:baseline;text-align:left}
tbody th{width:4rem;font-variant-numeric:tabular-nums}
.feet{white-space:nowrap;width:6rem;color:#31424b}.hour{width:3.5rem;text-align:right;font-weight:700;font-variant-numeric:tabular-nums}
small{color:#56605c;margin-left:.5rem}.aside td{color:#56605c;font-style:italic}
.ends{margin:.25rem 0 0;color:#56605c;font-size:.875rem;text-align:right}
.care p{margin:.5rem 0;border-left:3px solid #7a3b69;padding-left:.75rem}
@media(max-width:30rem){.feet{display:none}main{padding:1rem}}
@media print{main{padding:0;max-width:none}body{font-size:11pt}}
`;
