import type { Paper, PaperLine } from '../route';
import type { DataTable } from './tables';

/** A photo in a page that stands for itself: its bytes are in its address. */
export interface PagePhoto {
  readonly label: string;
  /** data:image/jpeg;base64,… */
  readonly address: string;
}

/** What a page for a client shows. */
export interface PageParts {
  readonly title: string;
  /** Drawing of the piece as SVG, made by Obrik; empty where there is none. */
  readonly drawing: string;
  readonly tables: readonly DataTable[];
  readonly paper: Paper;
  readonly photos: readonly PagePhoto[];
}

const SIGNS: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** Text as it stands in a page: what somebody typed is never read as markup. */
export const asText = (text: string): string => text.replace(/[&<>"']/g, (it) => SIGNS[it] ?? it);

const STYLE = `body{font:16px/1.5 system-ui,sans-serif;max-width:46rem;margin:2rem auto;padding:0 1rem;color:#1f1a17;background:#fff}
h1{font-size:1.6rem}h2{font-size:1.2rem;margin-top:2rem;border-bottom:1px solid #cfc6bb}
table{border-collapse:collapse;width:100%;font-size:.9rem}td,th{border-bottom:1px solid #cfc6bb;padding:.3rem .4rem;text-align:left;vertical-align:top}
.wide{overflow-x:auto}.quiet{color:#5b524b}.warning{color:#a8301a}.block{margin:.6rem 0;break-inside:avoid}b{font-weight:700}
figure{margin:1rem 0}img,svg{max-width:100%;height:auto}`;

/** Only pictures that carry their own bytes; nothing is fetched by a page that stands for itself. */
const isOwn = (address: string): boolean =>
  /^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/.test(address);

const tableIn = ({ name, columns, rows }: DataTable): string =>
  rows.length === 0
    ? ''
    : `<h2>${asText(name.charAt(0).toUpperCase() + name.slice(1))}</h2><div class="wide"><table><tr>${columns
        .map((it) => `<th>${asText(it.replaceAll('_', ' '))}</th>`)
        .join('')}</tr>${rows
        .map(
          (row) =>
            `<tr>${row.map((it) => `<td>${asText(it === null ? '' : String(it))}</td>`).join('')}</tr>`,
        )
        .join('')}</table></div>`;

const lineIn = ({ text, bold, ink }: PaperLine): string => {
  const words = asText(text);
  return `<div class="${ink ?? 'plain'}">${bold ? `<b>${words}</b>` : words}</div>`;
};

const paperIn = ({ title, intro, sections, foot }: Paper): string =>
  [
    `<h2>${asText(title)}</h2>`,
    ...intro.map(lineIn),
    ...sections.flatMap(({ heading, blocks }) => [
      heading ? `<h3>${asText(heading)}</h3>` : '',
      ...blocks.map(({ lines }) => `<div class="block">${lines.map(lineIn).join('')}</div>`),
    ]),
    `<p class="quiet">${asText(foot)}</p>`,
  ].join('\n');

/**
 * A page for a client: drawing, findings, route and photos in one file that needs no server, runs
 * no script and fetches nothing.
 */
export const sharePage = ({ title, drawing, tables, paper, photos }: PageParts): string =>
  `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; img-src data:">
<title>${asText(title)}</title><style>${STYLE}</style></head><body>
<h1>${asText(title)}</h1>
${drawing ? `<figure>${drawing}</figure>` : ''}
${tables.map(tableIn).join('\n')}
${paperIn(paper)}
${photos
  .filter((it) => isOwn(it.address))
  .map(
    (it) =>
      `<figure><img src="${it.address}" alt="${asText(it.label)}"><figcaption>${asText(it.label)}</figcaption></figure>`,
  )
  .join('\n')}
<p class="quiet">Made with Obrik, which plans and records and never declares anything safe.</p>
</body></html>
`;
