import { z } from 'zod';
import type { CropRow, OwnCrop } from '../../core/crops';
import { nameKey } from '../../core/units';
import { jsonOf } from './json';
import type { Things } from './things';

export const readCropTold = jsonOf<Omit<OwnCrop, 'name'>>(
	z.looseObject({
		family: z.string(),
		ph: z.tuple([z.number(), z.number()]),
		hunger: z.string(),
		raw: z.string(),
		takes: z.string().optional(),
		acidLover: z.literal(true).optional(),
		scab: z.literal(true).optional()
	})
);

/** Crops as the grower knows them: things that are told anew under their name, and go before the table. */
export function cropStore(things: Things) {
	return {
		own: (): CropRow[] =>
			things
				.versioned('crop', readCropTold)
				.map(({ name, told }) => ({ ...told, id: `own ${nameKey(name)}`, names: [name] as const })),
		insert: (actId: string, { name, ...told }: OwnCrop): void => {
			const known = things.inUse('crop', name);
			const id = known?.id ?? things.insert(actId, 'crop', name);
			if (known && known.name !== name) things.insertName(actId, id, name);
			things.insertVersion(actId, id, told);
		}
	};
}
