// Rules that nothing here can match are left out of the style sheet, where they make every key wait.
import selectors from 'postcss-selector-parser';

/**
 * What the components of the style sheet say of a disabled field within another one, and of a theme that a
 * checked box chooses: `.input:has(> input[disabled]) …`, `:root:has(input.theme-controller:checked)`. The
 * program has neither, yet each element that comes or goes made a browser ask all of them anew: a fifth of a
 * second for a key on a slow phone.
 */
const unmet = /:has\([^)]*(\[disabled\]|\.theme-controller)/;

/**
 * A selector without those of its ways that nothing meets; empty where all of them are such.
 * @param {string} selector
 * @returns {string}
 */
export function withoutUnmet(selector) {
	if (!unmet.test(selector)) return selector;
	return selectors((root) => {
		root.walkPseudos((has) => {
			if (has.value !== ':has' || !unmet.test(has.toString())) return;
			let one = has.parent;
			// `:is()` of nothing matches nothing: what held it goes, too.
			while (one && one.type !== 'root') {
				const holder = one.parent;
				if (one.type === 'selector') {
					one.remove();
					if (holder && 'length' in holder && holder.length > 0) return;
				}
				one = holder;
			}
		});
	}).processSync(selector);
}

/** @returns {import('postcss').Plugin} */
export function stillRules() {
	return {
		postcssPlugin: 'ashdrift:still-rules',
		Rule(rule) {
			const kept = withoutUnmet(rule.selector);
			if (kept === rule.selector) return;
			if (kept.trim() === '') rule.remove();
			else rule.selector = kept;
		}
	};
}
