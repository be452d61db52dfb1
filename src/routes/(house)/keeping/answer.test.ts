import { describe, expect, it } from 'vitest';
import { keepingAnswer } from './answer';

const now_ms = Date.UTC(2026, 10, 24, 12);
const hour = 3_600_000;
const facts = {
	acts: 9,
	lastAct_ms: now_ms - 9 * hour,
	lastBackup_ms: now_ms - 3 * hour,
	trouble: false
};

describe('are the books safe', () => {
	it.each([
		[{ acts: 0 }, 'Nothing is in the books yet'],
		[{}, 'made 3 h ago and holds everything'],
		[{ lastAct_ms: now_ms - hour }, 'what was written since is only in the books'],
		[{ lastBackup_ms: now_ms - 80 * hour }, 'that is too long ago'],
		[{ lastBackup_ms: undefined }, 'not backed up yet'],
		[{ trouble: true }, 'failed']
	])('with %o: %s', (change, answer) =>
		expect(keepingAnswer({ ...facts, ...change }, { timeZone: 'UTC', now_ms })).toContain(answer)
	);
});
