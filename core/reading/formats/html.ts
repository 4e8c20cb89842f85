/**
 * Pasted HTML as plain lines, and the JSON-LD it carries. Scripts, styles and everything that is not text are dropped:
 * nothing of the markup reaches the recipe.
 */
import { Parser } from 'htmlparser2';

const BLOCKS = new Set(
  'address article aside blockquote br dd div dl dt figcaption footer form h1 h2 h3 h4 h5 h6 header hr li main nav ol p pre section table tbody td tfoot th thead tr ul'.split(
    ' ',
  ),
);
const SILENT = new Set(['script', 'style', 'noscript', 'template', 'iframe', 'svg', 'head', 'button', 'select', 'object']);
const TAG = /<\/?(?:html|body|div|p|ul|ol|li|h[1-6]|br|table|tr|td|script|span|section|article)\b[^<>]*>/i;

export const looksLikeHtml = (text: string): boolean => TAG.test(text);

export interface HtmlText {
  text: string;
  /** The contents of its JSON-LD scripts, not parsed. */
  jsonLd: string[];
}

export function readHtml(html: string): HtmlText {
  const lines: string[] = [];
  const jsonLd: string[] = [];
  const lists: { ordered: boolean; at: number }[] = [];
  let line = '';
  let silent = 0;
  let ld: string | null = null;
  const flush = () => {
    const clean = line.replace(/\s+/g, ' ').trim();
    if (clean !== '' && !/^(?:[-•]|\d+\.)$/.test(clean)) lines.push(clean);
    line = '';
  };
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'script' && /ld\+json/i.test(attributes.type ?? '')) ld = '';
        if (SILENT.has(name)) silent += 1;
        if (!BLOCKS.has(name)) return;
        if (name === 'td' || name === 'th') line += line.trim() === '' ? '' : ' ';
        else flush();
        if (name === 'ol' || name === 'ul') lists.push({ ordered: name === 'ol', at: 0 });
        const list = lists.at(-1);
        if (name === 'li' && list) {
          list.at += 1;
          line = list.ordered ? `${list.at}. ` : '- ';
        }
      },
      ontext(text) {
        if (ld !== null) ld += text;
        else if (silent === 0) line += text;
      },
      onclosetag(name) {
        if (name === 'script' && ld !== null) {
          jsonLd.push(ld);
          ld = null;
        }
        if (SILENT.has(name)) silent = Math.max(0, silent - 1);
        if (!BLOCKS.has(name)) return;
        if (name === 'td' || name === 'th') line += ' ';
        else flush();
        if (name === 'ol' || name === 'ul') lists.pop();
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.write(html);
  parser.end();
  flush();
  return { text: lines.join('\n'), jsonLd };
}
