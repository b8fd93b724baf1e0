// `npm run docs:journal`: writes docs/journal.md from the contract.
import fs from 'node:fs';
import { journalDoc } from '#contract/describe.ts';

fs.writeFileSync('docs/journal.md', journalDoc());
