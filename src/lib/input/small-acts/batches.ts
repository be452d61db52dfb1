import { smells } from '../../core/brews';
import { lotKinds, type Place } from '../../core/kinds';
import { limits } from '../limits';
import { smallAct, type SmallAct } from './declare';

/** Something done that needs no figure: its time is all there is to keep. */
const tending = (
	verb: string,
	what: string,
	on: SmallAct['on'],
	words: Pick<SmallAct, 'did' | 'button'> & Partial<Pick<SmallAct, 'line' | 'isDated'>>
): SmallAct => smallAct({ verb, what, on, fields: [], asks: words.button, ...words });

const lots: readonly Place[] = lotKinds.map(({ id }) => id);

/** What is seen of, read of and done with lots that change. */
export const ofBatches: readonly SmallAct[] = [
	tending('stir', 'stirred', ['charge', 'brew'], {
		did: 'stirred',
		button: 'Log a stirring',
		line: { word: 'stir', about: 'a batch', example: 'stir C6', does: 'a soak was stirred' }
	}),
	tending('turn', 'turned', ['charge', 'heap'], {
		did: 'turned',
		button: 'Log a turning',
		line: { word: 'turn', about: 'a batch', example: 'turn C5', does: 'a batch was turned' }
	}),
	tending('moisten', 'moistened', ['charge', 'heap'], {
		did: 'moistened',
		button: 'Log a moistening',
		line: {
			word: 'dampen',
			about: 'a batch',
			example: 'dampen C5',
			does: 'a batch was watered to keep it damp'
		}
	}),
	tending('muck-out', 'mucked-out', ['charge'], {
		did: 'mucked out',
		button: 'Log the mucking out',
		isDated: true,
		line: {
			word: 'muckout',
			about: 'bedding',
			example: 'muckout C5',
			does: 'litter was mucked out'
		}
	}),
	tending('stop-pump', 'pump-stopped', ['brew'], {
		did: 'pump stopped',
		button: 'The pump is off',
		line: { word: 'pump-off', about: 'a brew', example: 'pump-off B3', does: 'its pump stands' }
	}),
	tending('start-pump', 'pump-started', ['brew'], {
		did: 'pump started again',
		button: 'The pump runs again',
		line: { word: 'pump-on', about: 'a brew', example: 'pump-on B3', does: 'its pump runs again' }
	}),
	tending('vent', 'vented', ['brew'], {
		did: 'gas let out',
		button: 'Gas is let out',
		line: { word: 'vent', about: 'a brew', example: 'vent B7', does: 'its gas was let out' }
	}),
	tending('lid-leaks', 'lid-leaks', ['brew'], { did: 'lid leaks', button: 'Its lid leaks' }),
	tending('mend-lid', 'lid-mended', ['brew'], { did: 'lid mended', button: 'Its lid is mended' }),
	smallAct({
		verb: 'smell',
		what: 'smell',
		on: ['brew'],
		fields: [
			{
				name: 'smell',
				key: 'smell',
				label: 'It is',
				said: 'smell',
				oneOf: smells.map((value) => ({ value, label: value }))
			}
		],
		did: 'smelt',
		asks: 'Smell it',
		button: 'Keep what was found',
		sheet: 'smells'
	}),
	smallAct({
		verb: 'doubt',
		what: 'doubt',
		on: ['brew'],
		fields: [
			{
				name: 'doubt',
				key: 'why',
				label: 'Why',
				said: 'why it is doubted',
				hint: 'Brewing from it or from what came of it will ask',
				longest: 300
			}
		],
		did: 'doubted',
		asks: 'Doubt it',
		button: 'Mark it as doubtful'
	}),
	smallAct({
		verb: 'refuse-source',
		what: 'refused-source',
		on: ['stock', 'ash', 'mix'],
		fields: [
			{
				name: 'refusedFor',
				key: 'why',
				label: 'What it is of',
				said: 'what it is of',
				hint: 'Painted, treated, glued or salvaged wood, coal, rubbish, coloured paper: it goes on no bed',
				longest: 200
			}
		],
		did: 'refused for soil',
		asks: 'Its source is refused',
		button: 'Refuse it for soil'
	}),
	smallAct({
		verb: 'read-salt',
		what: 'salt',
		on: ['brew'],
		fields: [
			{
				name: 'salt',
				key: 'dS_m',
				label: 'Conductivity of the brew itself, dS/m',
				said: 'conductivity',
				reads: limits.salt.salt
			}
		],
		always: { of: 'brew' },
		did: 'salt read',
		asks: 'Read its salt',
		button: 'Keep the reading',
		line: {
			word: 'salt',
			about: 'a brew',
			example: 'salt B7 1.8',
			does: 'what a meter says of the brew itself, dS/m'
		},
		sheet: 'salts'
	}),
	smallAct({
		verb: 'read-temperature',
		what: 'temperature',
		// A heap is read at several places, a fire by gun or probe.
		on: lots.filter((kind) => kind !== 'heap'),
		fields: [
			{
				name: 'temperature',
				key: 'temperature_c',
				label: 'It is now',
				said: 'temperature',
				reads: limits.temperature.temperature
			}
		],
		did: 'temperature read',
		asks: 'Read its temperature',
		button: 'Keep the reading',
		sheet: 'temperatures'
	})
];
