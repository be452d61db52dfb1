import { describe, expect, it } from 'vitest';
import { day, done, envelope, later, start, yard } from '../../../../tests/fixtures/garden';
import { hours as inHours } from '$lib/core/time';
import { litres, metres } from '$lib/core/units';
import { brewSchema } from '$lib/input/brews';
import { brewLine } from '$lib/server/questions/brews';
import { send } from '$lib/server/send';
import { stockUp } from '$lib/server/usecases/bring-in';
import { startBrew } from '$lib/server/usecases/brews/start-brew';
import { measureVessel } from '$lib/server/usecases/measure-vessel';
import { reckonBrew, usualWater } from './reckoning';

const now = start + 3 * day;

function pail() {
	const books = yard();
	done(
		measureVessel(books, later, envelope(start), {
			name: 'Pail',
			usedFor: 'tub',
			isNew: true,
			shape: {
				kind: 'round',
				rimWidth: metres(0.32),
				floorWidth: metres(0.28),
				depth: metres(0.38)
			}
		})
	);
	done(
		stockUp(books, later, envelope(start + day), {
			material: 'castings',
			name: 'castings',
			measure: { litres: litres(30) }
		})
	);
	return books;
}

describe('a brew on its page and in the books', () => {
	it.each([
		['metric', '20 L', '17'],
		['us', '5 gal', '64'],
		['metric', '18,5', '21.5 C'],
		['us', '4 1/2', '60 F']
	] as const)('is the same in %s: %s at %s', (system, water, temperature) => {
		const books = pail();
		const reading = { timeZone: 'UTC', person: 'Ines', now_ms: now, system };
		const capacity = books.vessels.maybeOne('Pail')!.capacity_l;
		const typed = { recipe: 'aerated-tea', water, temperature } as const;
		const page = reckonBrew(typed, capacity, now, { system })!;
		expect(page.fits).toBe(true);
		const values = {
			...typed,
			actId: 'a-brew-of-the-page',
			vessel: 'Pail',
			partnerLot: 'M1',
			partner: `${page.asked.partner} L`
		};
		done(send(books, reading, values, brewSchema, startBrew));
		const brew = books.brews.maybeOne('B1')!;
		expect(brew.water_l).toBeCloseTo(page.asked.water, 3);
		expect(brew.partner_l).toBeCloseTo(page.asked.partner, 3);
		expect(brew.asked_l).toBeCloseTo(page.asked.partner, 3);
		const { window } = brewLine(books, brew, now);
		for (const edge of ['usable_ms', 'best_ms', 'fading_ms', 'past_ms'] as const)
			expect(window[edge]).toBeCloseTo(page.window![edge]!, -1);
		const hours = page.hours!.value;
		expect((window.usable_ms! - now) / inHours(1)).toBeCloseTo(hours, 6);
	});

	it.each([
		[0, true],
		[1, false]
	])('that runs over is told by the page and refused by the act alike: %i L more', (more, fits) => {
		const books = pail();
		const capacity = books.vessels.maybeOne('Pail')!.capacity_l;
		const water = `${usualWater('aerated-tea', capacity) + more} L`;
		const typed = { recipe: 'aerated-tea', water, temperature: '18' } as const;
		expect(reckonBrew(typed, capacity, now, {})?.fits).toBe(fits);
		const reading = { timeZone: 'UTC', person: 'Ines', now_ms: now };
		const values = {
			...typed,
			actId: 'a-brew-to-the-brim',
			vessel: 'Pail',
			partnerLot: 'M1',
			partner: '1.5 L'
		};
		const sent = send(books, reading, values, brewSchema, startBrew);
		expect(sent).toMatchObject(
			fits
				? { status: 'done' }
				: { status: 'refused', issues: [{ field: 'water', code: 'no-room-for-froth' }] }
		);
	});

	it('waits for what can’t be read, and says nothing of an hour that never comes', () => {
		expect(
			reckonBrew({ recipe: 'aerated-tea', water: 'much', temperature: '18' }, 27, now, {})
		).toBeUndefined();
		const cold = reckonBrew({ recipe: 'aerated-tea', water: '20', temperature: '4' }, 27, now, {});
		expect(cold?.window?.usable_ms).toBeNull();
		expect(cold?.hours).toBeUndefined();
		const hot = reckonBrew({ recipe: 'aerated-tea', water: '20', temperature: '?' }, 27, now, {});
		expect(hot).toMatchObject({ fits: true });
		expect(hot?.window).toBeUndefined();
	});
});
