import { readFields } from './acts';
import { readFacts } from './answers';
import { readFigures, readLitWood, readLoads, readTold } from './burn-row';
import { readDensity, readOrigin } from './char';
import { readCropTold } from './crops';
import { readTimetable } from './days';
import { DamagedRow } from './errors';
import { readFound } from './finding-kinds';
import { readKept } from './kept';
import type { Db } from './open';
import { readSet } from './programmes';
import { readPlaces } from './quench-checks';
import { readVaried } from './recipes';
import { readMeasure, readPlace } from './settings';
import { readSample } from './stack-row';
import { readComposition, readMeasured } from './stock';
import { readTest } from './tests';
import { readTrial } from './trials';
import { readFittings } from './vessels';
import { readPieces } from './woodyard';

type Reader = (text: string, of: string) => unknown;

/** What the version of a thing tells, by the kind of the thing. */
const versions: Readonly<Record<string, Reader>> = {
	recipe: readVaried,
	crop: readCropTold,
	programme: readSet,
	trial: readTrial,
	place: readPlace,
	measure: readMeasure
};

/** How every column of JSON in the books is read; what a row is of where it is read by that. */
export const jsonColumns: readonly {
	readonly table: string;
	readonly column: string;
	readonly read: Reader;
	/** SQL of what the row is of. */
	readonly of?: string;
}[] = [
	{ table: 'act', column: 'typed_json', read: readFields },
	{ table: 'act', column: 'resolved_json', read: readFields },
	{
		table: 'thing_version',
		column: 'told_json',
		read: (text, kind) => versions[kind]?.(text, kind),
		of: '(SELECT kind FROM thing WHERE id = t.thing_id)'
	},
	{ table: 'vessel_version', column: 'fittings_json', read: readFittings },
	{
		table: 'finding',
		column: 'found_json',
		read: (text, what) => readFound(what, text),
		of: 't.what'
	},
	{ table: 'answered_caution', column: 'facts_json', read: readFacts },
	{ table: 'stack', column: 'dry_json', read: readKept },
	{ table: 'stack', column: 'sample_json', read: readSample },
	{ table: 'moisture_reading', column: 'pieces_json', read: readPieces },
	{ table: 'burn_plan', column: 'loads_json', read: readLoads },
	{ table: 'burn_plan', column: 'forecast_json', read: readFigures },
	{ table: 'burn_lit', column: 'wood_json', read: readLitWood },
	{ table: 'burn_record', column: 'wood_json', read: readKept },
	{ table: 'burn_record', column: 'told_json', read: readTold },
	{ table: 'burn_day', column: 'timetable_json', read: readTimetable },
	{ table: 'quench_check', column: 'places_json', read: readPlaces },
	{ table: 'char_lot', column: 'density_from_json', read: readDensity },
	{ table: 'char_lot', column: 'origin_json', read: readOrigin },
	{ table: 'density_reading', column: 'density_from_json', read: readDensity },
	{ table: 'stock', column: 'composition_json', read: readComposition },
	{ table: 'analysis', column: 'measured_json', read: readMeasured },
	{ table: 'batch_state', column: 'char_share_json', read: readKept },
	{ table: 'batch_state', column: 'density_json', read: readKept },
	{ table: 'batch_state', column: 'mineral_n_json', read: readKept },
	{ table: 'ready_test', column: 'found_json', read: readTest }
];

/** A value that no page could read. */
export interface Unreadable {
	readonly table: string;
	readonly column: string;
	readonly of: string;
	readonly actId: string;
	readonly why: string;
}

/** Every JSON value in the books read as a page reads it; those that can't be. */
export function* unreadableIn(db: Db): Generator<Unreadable> {
	for (const { table, column, read, of = "''" } of jsonColumns) {
		const act = table === 'act' ? 't.id' : 't.act_id';
		const rows = db.prepare<[], { text: string; of: string; actId: string }>(
			`SELECT ${column} AS text, ${of} AS "of", ${act} AS actId FROM "${table}" t WHERE ${column} IS NOT NULL`
		);
		for (const { text, of: whose, actId } of rows.iterate()) {
			const why = faultOf(() => read(text, whose));
			if (why !== undefined) yield { table, column, of: whose, actId, why };
		}
	}
}

function faultOf(read: () => unknown): string | undefined {
	try {
		read();
		return undefined;
	} catch (error) {
		const isOfText =
			error instanceof DamagedRow || error instanceof SyntaxError || error instanceof TypeError;
		if (!isOfText) throw error;
		return error.message;
	}
}
