import { CORPUS_LINES } from '../core/reading/corpus/lines.ts';
import { scoreLine } from '../core/test/readingScore.ts';
const L = CORPUS_LINES.map(scoreLine);
console.log(L.length, 'right', L.filter(x => x.right).length, 'D', L.filter(x => !x.right && x.doubted).length, 'X', L.filter(x => !x.right && !x.doubted).length, 'unsure', L.filter(x => x.unsure).length);
for (const s of L) if (!s.right) console.log(s.doubted ? 'D' : 'X', s.text, '=>', s.got, '| want', s.want);
