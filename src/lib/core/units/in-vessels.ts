/** "half a 5-gallon bucket", "two 10 litre pails": vessels named by what they hold, as that many of its unit. */
export function inVessels(text: string): string {
	const [, count = '1', size = '', unit = ''] =
		/^(?:(half an?|1\/2|½|an?|one|two|three|\d+)\s+)?(\d+(?:\.\d+)?)[- ](gallon|gal|litre|liter|l|quart|qt)s?[- ](?:bucket|pail|can|tub|jug|bag)s?$/i.exec(
			text.trim()
		) ?? [];
	if (size === '') return text;
	const many = vesselsCounted[count.toLowerCase()] ?? Number(count);
	return `${Number(size) * many} ${unit}`;
}

const vesselsCounted: Readonly<Record<string, number>> = {
	'half a': 0.5,
	'half an': 0.5,
	'1/2': 0.5,
	'½': 0.5,
	a: 1,
	an: 1,
	one: 1,
	two: 2,
	three: 3
};
