import { qualityLimits, type QualityVerdict } from '../char';
import type { Facts, Rule } from '../cautions';
import type { Putting, Ripeness } from './putting';

/** What is held against a lot rests on nothing but the lot. */
type OfThing = Pick<Putting, 'thing'>;

/** A rule about the lot: asked once, however many beds it goes on. */
const ofLot = (
	is: (of: OfThing) => boolean,
	facts: (of: OfThing) => Facts = () => ({})
): Rule<OfThing>['finds'] => {
	return (of) => is(of) && { of: of.thing.code, facts: { code: of.thing.code, ...facts(of) } };
};

const stands =
	(...states: readonly Ripeness[]) =>
	({ thing }: OfThing) =>
		thing.ripeness !== undefined && states.includes(thing.ripeness);

const ofChar = (verdict: QualityVerdict): Rule<OfThing>['finds'] => {
	return ({ thing }) =>
		thing.chars
			.filter((one) => one.verdict === verdict)
			.map((one) => ({
				of: thing.code,
				facts: { code: thing.code, char: one.code, failed: one.failed }
			}));
};

/** What speaks against a lot, wherever it is put. */
export const lotRules: readonly Rule<OfThing>[] = Object.freeze([
	{
		code: 'held',
		weight: 'never',
		when: 'A lot in quarantine, or made of one that is',
		lifted: 'The quarantine is lifted, with a reason',
		source: 'Quarantine lets nothing through but disposal',
		finds: ofLot(
			({ thing }) => thing.held !== undefined,
			({ thing }) => ({ reason: thing.held ?? '' })
		)
	},
	{
		code: 'not-proven',
		weight: 'never',
		when: 'Char whose fire is not proven out as far as it must be to lie by itself',
		lifted: 'The checks of its proof have passed',
		source: 'Quench practice: what each stage of proof allows',
		finds: ({ thing }) =>
			thing.unproven.map((one) => ({ of: thing.code, facts: { code: thing.code, ...one } }))
	},
	{
		code: 'refused-source',
		weight: 'never',
		when: 'Ash or another stuff whose source is refused: painted, treated, glued or salvaged wood, coal, rubbish, coloured paper',
		lifted: 'Nothing',
		source: 'Gates for wood ash: metals and tars stay in it',
		finds: ofLot(
			({ thing }) => thing.refused !== undefined,
			({ thing }) => ({ why: thing.refused ?? '' })
		)
	},
	{
		code: 'feeds-the-next',
		weight: 'ask',
		when: 'A culture that is kept to start the next brew',
		lifted: 'Nothing: use what is made with it',
		source: 'Recipes of practice',
		finds: ofLot(
			({ thing }) => thing.isBrew && !thing.soil && !thing.leaves,
			({ thing }) => ({ recipe: thing.name })
		)
	},
	{
		code: 'batch-failed',
		weight: 'ask',
		when: 'A charge that failed its test, or a brew that smells as it must not',
		lifted: 'A later test passes; a brew goes on a heap',
		source: 'Practice: what stinks goes on no food',
		finds: ofLot(stands('failed'))
	},
	{
		code: 'batch-past',
		weight: 'ask',
		when: 'A charge or brew past its time',
		lifted: 'Nothing, or what freshens it',
		source: 'Practice: how long each keeps',
		finds: ofLot(stands('past'))
	},
	{
		code: 'not-ripe',
		weight: 'ask',
		when: 'A charge or brew that is not ripe by clock, nose or test; a test lapses when something is added',
		lifted: 'Its time has come and its test has passed',
		source: 'Cure and brewing times at the temperatures that were read',
		finds: ofLot(stands('working', 'wants-test', 'wants-smell'), ({ thing }) => ({
			state: thing.ripeness ?? ''
		}))
	},
	{
		code: 'charge-fading',
		weight: 'ask',
		when: 'A charge that is past its best',
		lifted: 'It is topped up and tested anew',
		source: 'Cure times: how long a charge keeps',
		finds: ofLot((of) => !of.thing.isBrew && stands('fading')(of))
	},
	{
		code: 'char-raw',
		weight: 'ask',
		when: 'Char that nothing charged',
		lifted: 'It is charged and cured',
		source: 'Raw char competes with roots for water and nitrogen',
		finds: ofLot(({ thing }) => thing.isRaw)
	},
	{
		code: 'char-whole',
		weight: 'ask',
		when: 'Char that lies in pieces as it was burnt',
		lifted: 'It is crushed, damp',
		source: 'Practice: grains of a few millimetres reach roots',
		finds: ofLot(({ thing }) => thing.isWhole)
	},
	{
		code: 'char-tarry',
		weight: 'ask',
		when: 'Char, or what was made of it, that washed off greasy, smelt of tar or came of too cool a fire',
		lifted: 'A later trial of the same test passes; or back into a fire or a heap',
		source: qualityLimits.source,
		finds: ofChar('back')
	},
	{
		code: 'char-unfinished',
		weight: 'ask',
		when: 'Char that rang dull or would not sink',
		lifted: 'A later trial of the same test passes; or a heap finishes it',
		source: qualityLimits.source,
		finds: ofChar('heap')
	},
	{
		code: 'char-unrinsed',
		weight: 'ask',
		when: `Char whose slurry reads above pH ${qualityLimits.usualPh[1]}: its ash was not rinsed off`,
		lifted: 'It is rinsed, or read lower',
		source: qualityLimits.source,
		finds: ({ thing }) =>
			thing.chars.flatMap(({ code, ph }) =>
				ph !== undefined && ph > qualityLimits.usualPh[1]
					? [{ of: thing.code, facts: { code: thing.code, char: code, ph } }]
					: []
			)
	}
] satisfies readonly Rule<OfThing>[]);
