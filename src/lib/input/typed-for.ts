/** The field that says for which school or recipe the rest of a form was typed. */
export const typedFor = 'typedFor';

const ofOne = /^(ratio|really\w*|ownRecipe|base|(extra|with|amount)-.+)$/;

/**
 * A form without what was typed for another school or recipe than the one chosen since: without script a choice is
 * sent together with the fields of the one before it.
 */
export function typedOf(
	values: Readonly<Record<string, string>>
): Readonly<Record<string, string>> {
	const chosen = values.school ?? values.recipe ?? '';
	const meant = values[typedFor] ?? '';
	if (meant === '' || meant === chosen) return values;
	return Object.fromEntries(Object.entries(values).filter(([name]) => !ofOne.test(name)));
}
