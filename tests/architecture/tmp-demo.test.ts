import { it } from 'vitest';
import { growGarden } from '../../src/lib/server/demo/garden';
import { emptyBooks } from '../fixtures/garden';
import { brewLines, cultureLines } from '../../src/lib/server/questions/brews';
import { programmeLines } from '../../src/lib/server/questions/programmes';
import { dutiesOf } from '../../src/lib/server/rooms/duties';
it('x', () => {
	const books = emptyBooks();
	const now = Date.UTC(2026, 10, 24, 12);
	growGarden(books, now);
	for (const l of brewLines(books, now)) console.log(l.brew.code, l.brew.name, l.state, l.brew.volume_ml, JSON.stringify(l.tasks), l.window.past_ms && new Date(l.window.past_ms).toISOString());
	console.log(JSON.stringify(cultureLines(books, now).map(({members, ...l}) => ({...l, m: members.map(m => [m.code, m.generation, m.outcome, m.doubtedFor])})), null, 1));
	console.log(JSON.stringify(programmeLines(books, now)[0], null, 1));
	console.log(dutiesOf(books, now).map((d) => [d.is, d.code, d.title, d.name, d.says].join(' | ')).join('\n'));
});
