import { waysOfPutting } from '../../core/beds';
import { recipes } from '../../core/brews';
import { schools } from '../../core/charging';
import { ways as burnWays } from '../../core/fires';
import { ways as heapWays } from '../../core/heaps';
import { lotKinds } from '../../core/kinds';
import { materials } from '../../core/materials';
import { mixUses } from '../../core/mixes';
import { isZone } from '../../core/time';
import { vesselUses } from '../../core/vessels';
import { stackForms, woodClasses } from '../../core/woodyard';
import type { Db } from '../db/open';
import type { Fault } from './fault';

/** Words of the program's own tables in the books: one that it does not know would end every page that meets it. */
const known: readonly {
	readonly table: string;
	readonly column: string;
	readonly words: ReadonlySet<string>;
	readonly says: string;
}[] = [
	{ table: 'lot', column: 'kind', words: idsOf(lotKinds), says: 'lots of a kind' },
	{ table: 'stack', column: 'wood', words: idsOf(woodClasses), says: 'stacks of a wood' },
	{ table: 'stack', column: 'form', words: idsOf(stackForms), says: 'stacks of a form' },
	{ table: 'char_lot', column: 'wood', words: idsOf(woodClasses), says: 'char of a wood' },
	{ table: 'burn_record', column: 'way', words: idsOf(burnWays), says: 'fires of a way' },
	{
		table: 'vessel_version',
		column: 'used_for',
		words: new Set(vesselUses),
		says: 'vessels for a use'
	},
	{ table: 'stock', column: 'material', words: idsOf(materials), says: 'goods of a material' },
	{
		table: 'batch',
		column: 'recipe',
		words: new Set([...idsOf(recipes), ...idsOf(schools), ...idsOf(heapWays), ...mixUses]),
		says: 'batches by a recipe'
	},
	{
		table: 'application',
		column: 'way',
		words: idsOf(waysOfPutting),
		says: 'amounts put on in a way'
	}
];

function idsOf(table: readonly { readonly id: string }[]): ReadonlySet<string> {
	return new Set(table.map(({ id }) => id));
}

/** Where the books use words that this program has no meaning for. */
export function unlikeKinds(db: Db): readonly Fault[] {
	const zones = db
		.prepare<[], string>(
			'SELECT DISTINCT time_zone FROM settings_version WHERE time_zone IS NOT NULL'
		)
		.pluck()
		.all();
	return [
		...known.flatMap(({ table, column, words, says }) =>
			db
				.prepare<[], string>(`SELECT DISTINCT "${column}" FROM "${table}"`)
				.pluck()
				.all()
				.filter((word) => !words.has(word))
				.map((word): Fault => ({
					law: 'kinds-known',
					says: `There are ${says} "${word}", which this program does not know.`,
					facts: { table, column, word }
				}))
		),
		...zones
			.filter((zone) => !isZone(zone))
			.map((zone): Fault => ({
				law: 'zone-known',
				says: `The settings name a time zone "${zone}", which there is not.`,
				facts: { zone }
			}))
	];
}
