import { sources, textsOf, unusedMessages } from './texts.mjs';

/** Terms the product does not use, and British spellings; docs/WORDS.md has the term to use. */
const BANNED = [
  /\b(colour|behaviour|neighbour\w*|metres?|centre|favour\w*|labelled|grey|aluminium|organis\w+|recognis\w+|judgement|smelt|learnt|whilst|licence)\b/i,
  /\b(anew|all the same|meanwhile|thereby|whoever|somebody)\b/i,
  /\bseen to\b|\bto see to\b|\bput (it )?(right|down|aside)\b|\bnobody knows\b/i,
  /\bprove[ds]? (it |them )?(dead|anew|again|once more)\b|\bproved\b/i,
  /\b(made|make it|makes it) dead\b|\bde-energise\w*/i,
  /\b(further on|down the line|behind the main|past the breaker)\b/i,
  /\blost on the way\b|\bwhat is lost\b|\bwhat it may be\b|\bone by one\b/i,
  /\b(strike|struck|peers|soak|heat pictures?|upkeep|quarter hours?|dead shorts?)\b/i,
  /\bschools?\b(?! (outlet|room))/i,
  /\bnarrow (unit|breaker|pair)s?\b|\bsub-panels?\b|\bGF\b|\bAF\b|\bblanks?\b(?! or)/,
  /\b(door card|burnt|spot thermometer|surge (unit|lamp))\b/i,
  /\btells? (of|what|whether)\b|\bsnaps? (off|back|bare|at once)\b/i,
  /\d %|\} %/,
];

/** What a person has to type so, and ids that stand in a text. */
const AS_TYPED = /“13-16 blank”|SHA-256|blank line/;

const problems = [];
for (const path of sources())
  for (const { line, text, isMessage } of textsOf(path)) {
    if (!isMessage) problems.push(`${path}:${line} a text outside messages.ts: ${text}`);
    const plain = text.replace(/\{[^}]*\}/g, '{}');
    if (AS_TYPED.test(plain)) continue;
    for (const term of BANNED)
      if (term.test(plain)) problems.push(`${path}:${line} “${term.exec(plain)[0]}”: ${text}`);
  }
problems.push(...unusedMessages());
for (const problem of problems) console.error(problem.slice(0, 220));
if (problems.length > 0) {
  console.error(`${problems.length} texts to change.`);
  process.exit(1);
}
console.log('Every text is in its table and in the trade’s terms.');
