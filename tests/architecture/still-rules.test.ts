import { describe, expect, it } from 'vitest';
import { withoutUnmet } from '../../scripts/still-rules.mjs';

describe('a selector that nothing here meets', () => {
	it.each([
		[':root:has(input.theme-controller[value=daylight]:checked)', ''],
		['.input:has(>input[disabled])>input[disabled]', ''],
		[
			':is(.input:has(>input[disabled]),fieldset:disabled .input)::placeholder',
			':is(fieldset:disabled .input)::placeholder'
		],
		['&:has(> input[disabled]), &:is(:disabled, [disabled])', ' &:is(:disabled, [disabled])'],
		[':is(.x:has(>input[disabled])) p, q', ' q']
	])('leaves %s as "%s"', (selector, kept) => expect(withoutUnmet(selector)).toBe(kept));

	it.each(['.a:has(:checked)', '.b[disabled]', '.c:is([disabled])'])('lets %s be', (selector) =>
		expect(withoutUnmet(selector)).toBe(selector)
	);
});
