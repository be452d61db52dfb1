import type { SignId } from '../core/detective';

/** How people say a sign: each pattern is one way, the first sign that fits stands. */
const said: readonly (readonly [SignId, RegExp])[] = [
	['whole-bed', /whole bed|all of it|everywhere|alike/],
	['few-worms', /\b(?:no|few|hardly any|hardly a) worms?\b/],
	['poor-ripening', /ripen/],
	[
		'scorched-old',
		/(?:scorch|burn|brown)\w* (?:at )?(?:the |its )?(?:rims?|edges?|margins?)|(?:rims?|edges?|margins?) .*(?:scorch|burn|brown)/
	],
	['old-between-veins', /old .*(?:between|veins?)|(?:between|veins?) .*old/],
	[
		'young-between-veins',
		/(?:young|new) .*(?:between|veins?)|(?:between|veins?) .*(?:young|new)|veins? green/
	],
	['young-first', /young(?: leaves)? first|(?:yellow|pale)\w* .*(?:young|new)/],
	[
		'pale-old',
		/(?:yellow|pale)\w* .*(?:old|below|lower)|(?:old|lower) .*(?:yellow|pale)|\bpale\b|from below/
	],
	['dark-leaves', /dark (?:green )?leaves|dark green/],
	['purple', /purple|reddish leaves/],
	['cupped', /cupp?ed|curled|twisted/],
	['fern-like', /fern/],
	['gap', /\bgaps?\b|(?:shrunk|away) .*(?:edge|board)/],
	['white-crust', /white crust|salt crust|white film/],
	['crust', /crust|capped/],
	['runs-off', /runs? off|run-?off|sheds water/],
	['water-stands', /water stands|standing water|puddles?/],
	['wilts-wet', /wilt\w* .*wet|wet .*wilt/],
	['wilts-dry', /wilt/],
	['sour-smell', /(?:sour|rotten|bad|egg)\w* ?(?:smell)?|smells/],
	['mottled', /mottled|grey soil|gr[ea]y .*soil/],
	['stunted', /stunted|small|does not grow|won.?t grow/],
	['weak-stems', /weak stems?|lodg|fall(?:s|ing) over/],
	['tip-burn', /tips? .*burn|burn\w* tips?|tip burn/],
	['dead-at-edge', /(?:seedlings?|dead) .*(?:edge|line|poured)|scorched along/],
	['forked-roots', /fork(?:ed|s)|flat roots?/],
	['stubby-roots', /stubby|club/],
	['moss', /moss/],
	[
		'pulses-worst',
		/(?:peas?|cabbages?|brassicas?|legumes?) .*worst|beans cabbages worst|worst .*(?:cabbage|pea|legume)/
	],
	['beans-worst', /beans? .*worst|tomato\w* .*worst|worst .*(?:beans?|tomato)/],
	['grasses-too', /grass(?:es)? .*(?:too|hurt|also)/],
	['spade-stops', /spade|hard ?pan|hard ground/],
	['ringed', /spots?|rings?/],
	['bitten', /holes?|slime|slugs?|snails?|insects?|eaten|lice|aphids?/],
	['one-sided', /one side|hedge/],
	['bolting', /bolt/],
	['leafless', /flowers? without/],
	['only-some', /only some/]
];

const denied = /^(?:no|not|without|never)\b\s*/;

/** What was said, sign by sign; what fits none is told back. */
export interface SignsSaid {
	readonly seen: readonly SignId[];
	readonly vain: readonly SignId[];
	readonly unknown: readonly string[];
}

/**
 * Signs in words, with commas between: "yellow old leaves, gap at edge, no moss". What is said not to be there was
 * looked for in vain.
 */
export function readSigns(text: string): SignsSaid {
	const seen = new Set<SignId>();
	const vain = new Set<SignId>();
	const unknown: string[] = [];
	for (const phrase of text.toLowerCase().split(/\s*[,;]\s*|\s+and\s+/)) {
		if (phrase.trim() === '') continue;
		const whole = said.find(([id, pattern]) => id === 'few-worms' && pattern.test(phrase));
		const isDenied = !whole && denied.test(phrase.trim());
		const rest = isDenied ? phrase.trim().replace(denied, '') : phrase;
		const found = whole ?? said.find(([, pattern]) => pattern.test(rest));
		if (!found) unknown.push(phrase.trim());
		else (isDenied ? vain : seen).add(found[0]);
	}
	return { seen: [...seen], vain: [...vain].filter((id) => !seen.has(id)), unknown };
}
