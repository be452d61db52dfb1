import { request } from 'node:http';
import { describe, expect, it } from 'vitest';
import { setDemo } from '../../tests/browser/support/demo';
import { forms as usual } from '../../tests/browser/support/forms';
import { moreForms } from '../../tests/browser/support/more-forms';
import { actId, post, postByScript } from '../../tests/browser/support/post';
import { ownFolder, startServer } from '../../tests/browser/support/server';
import { isAttack, tell } from './scale';

const demo = setDemo();
/** A form of every act, right as it stands. */
const forms = { ...usual, ...moreForms };

/** A thing of the demo garden for each part of an address that names one. */
const named: Readonly<Record<string, string>> = {
	'woodyard/[lot]': 'S1',
	'trials/[trial]': 'T2',
	'fires/[burn]': 'F6',
	'char/[lot]': 'K2',
	'charging/[lot]': 'C4',
	'beds/[name]': 'Mere%202',
	'ledger/[of]/[name]': 'lot/C4',
	'stock/[lot]': 'M31',
	'mixes/[lot]': 'X1',
	'ash/[lot]': 'A1',
	'brews/[lot]': 'B3',
	'heaps/[lot]': 'H4',
	'vessels/[name]': 'Lantern'
};

const routes = import.meta.glob<string>('../../src/routes/**/+page.server.ts', {
	query: '?raw',
	import: 'default',
	eager: true
});

/** Every form action there is, read from the routes themselves, so that none is forgotten. */
const actions = Object.entries(routes).flatMap(([file, source]) => {
	const folder = file
		.replace(/^..\/..\/src\/routes\/(\(house\)\/?)?/, '')
		.replace(/\/?\+page\.server\.ts$/, '');
	const thing = Object.keys(named).find((room) => folder === room || folder.startsWith(`${room}/`));
	const path = folder.replace(/\[.*\]/, named[thing ?? ''] ?? '');
	const [, block = ''] = /export const actions: Actions = \{\n(.*?)\n\};/s.exec(source) ?? [];
	// Small acts are listed by their verbs, declared in one place.
	const small = [...block.matchAll(/smallActions\((?:.|\n)*?\[((?:.|\n)*?)\]/g)].flatMap(
		([, verbs]) => [...verbs!.matchAll(/'([\w-]+)'/g)].map(([, verb]) => verb)
	);
	const own = [...block.matchAll(/^\t'?([\w-]+)'?: /gm)].map(([, name]) => name);
	return [...own, ...small].map((name) => `/${path}?/${name}`);
});

/** Every field any form has, with one value for all of them. */
const fieldNames =
	'sizedBy outline length height width filled wood form seasoned suspicion name method pieces held reason vessel loads part-S1 plannedFor burn measuredBy depth char sampleVolume sampleMass wetness brands water smoke place1 place2 place3 hand1 hand2 whiteSpots air usedFor rimWidth floorWidth rimLength floorLength emptyMass before after part school partner ratio wantedN tub temperature passed checks failed ph liquor recipeName liquid extra-sugar with-sugar germinated seeds root controlGerminated controlSeeds controlRoot texture drainage ph crop lot amount act found recountReason how taken takenReason moisture humus cropKind charWeighed line place latitude longitude newName into reads along partLength across partWidth piecesBefore pieces ownStuff ownAmount firstDay lastDay way cropName cropKind cropShare cropWhen phIn phDepth sownHow family phLow phHigh hunger raw takes harvestAmount harvestCrop clearedCrop nitrogenLimit source kept alsoBurned sifted bits bitsWeight cce k2o putLot heapWay across heapLength heapWidth heapDepth tough shredded street covered acidLovers urineAge stuff1 part1 stuff2 part2 taken lifted coarse liftedWeight liftedName heat sunk stage heapSmell soakPh beans pots charTold bags bagPrice bagN bagP bagK bagAs stretch under timber walk mixUse mixed shape top foot potHigh cells cellVolume onto caught filledWith paste plants nWanted pWanted kWanted dressed perArea leastOwn mostLime mostSalty putPart use1 use2 day1 day2 goes1 goes2 where1 where2 from crop hours neighbour warmth kit-kiln kit-barrel mulched suspect mulchDepth mulchArea wantedCn laid coverWords words what cover smell doubt salt kind timeZone system people measure holds happenedAt note tap unit by doneAt thick wet question arm1 share1 called1 arm2 share2 arm3 share3 blocks order seed differs blind measure2 bed value why untreated treated where weeks lot1 per1 seen vain asked test so outcome trueCause between seepWater seepMinutes seepRing seepRun worms spadeDepth bedSalt vigour bedSmell stoodHours heard who ground forBed taken advice helped cameOf step stage lasted ofThing dayHours dayHeads stage1 share1 stage2 share2 paidFor paid price-char price-hour charAsh else year beside bedA bedB over a b'.split(
		' '
	);

const rubbish = [
	'',
	' ',
	'0',
	'-1',
	'1e309',
	'999999999999',
	'NaN',
	'1,250',
	'∞ L',
	'\u0000\u0007',
	'<script>alert(1)</script>',
	"'; DROP TABLE act; --",
	'{"a":1}',
	'__proto__',
	'constructor',
	'x'.repeat(5000),
	'99999 gal',
	'half a barrow',
	'2026-13-45T99:99'
];

/** What a page could stumble over when it writes it back into a field: the page is asked for with these. */
const written = new Set(['', '1,250', '<script>alert(1)</script>', '\u0000\u0007']);

/** Fields that pass their choice, so that the numbers behind them are reached. */
const choices = {
	sizedBy: 'outline',
	outline: 'box',
	wood: 'softwood',
	form: 'rods',
	seasoned: 'yes',
	suspicion: 'none',
	method: 'pin',
	vessel: 'Lantern',
	loads: 'S2',
	measuredBy: 'litres',
	wetness: 'dry',
	usedFor: 'trench',
	char: 'K10',
	partner: 'urine',
	school: 'nitrogen-soak',
	tub: 'Dye vat',
	texture: 'loam',
	drainage: 'even',
	lot: 'C4',
	system: 'us',
	timeZone: 'UTC',
	// Rubbish here would be refused before the figures are looked at.
	happenedAt: '',
	note: ''
};

/** What every form has. */
const inEveryForm = ['happenedAt', 'doneAt', 'took', 'note', 'actId'];

/**
 * Within the tests each field and each action takes a sixth of the rubbish in its turn, so that all of it is sent; an
 * attack sends all of it everywhere.
 */
const tried = (turn: number): readonly string[] =>
	isAttack ? rubbish : rubbish.filter((_, i) => (i + turn) % 6 === 0);

/** An action without the thing it is of: the same of every lot, bed, vessel. */
const kindOf = (path: string): string => {
	const [address = '', action = ''] = path.split('?/');
	const [room = '', thing, ...rest] = address.slice(1).split('/');
	const isOne =
		thing !== undefined &&
		!['plan', 'day', 'light', 'round', 'crops', 'pots', 'notebook'].includes(thing);
	const of = isOne && room === 'ledger' ? ['…'] : rest;
	return (
		[room, ...(isOne ? ['…'] : thing === undefined ? [] : [thing]), ...of].join('/') + `?/${action}`
	);
};

/** Actions that no form of the demo garden can stand for, and why. */
const without: Readonly<Record<string, string>> = {
	'/charging/C4?/muck-out': 'it has no bedding',
	'/programmes?/walk': 'no round of it is due',
	'/beds/Mere%202?/again': 'nothing there is laid again',
	'/beds/Mere%202/measure?/undo': 'an act is undone once',
	'/ledger/lot/C4?/reverse': 'an act is undone once',
	'/fires/F6?/undo': 'an act is undone once',
	'/fires/F6?/record': 'it has its figures',
	'/fires/F6/now?/undo': 'an act is undone once',
	'/fires/day?/undo': 'an act is undone once',
	'/log?/undo': 'an act is undone once',
	'/vessels/Lantern?/undo': 'an act is undone once',
	'/worth?/undo': 'an act is undone once',
	'/settings?/person': 'it writes no act',
	'/settings?/keys': 'it writes no act',
	'/keeping?/backUp': 'it has no field',
	'/keeping/notebook?/try': 'whole sheets: tried below',
	'/keeping/notebook?/write': 'whole sheets: tried below',
	'/keeping/notebook?/cancel': 'it has no field but which',
	'/keeping/notebook?/takeBack': 'it has no field but which'
};

describe('a form right but for one field', () => {
	it.each(Object.keys(forms).map((path, turn) => [path, turn] as const))(
		'of %s is taken, or refused without a change',
		async (path, turn) => {
			const right = forms[path] ?? {};
			for (const [nth, field] of [...Object.keys(right), ...inEveryForm].entries())
				for (const value of tried(turn + nth)) {
					const before = demo.books.version();
					const send = written.has(value) ? post : postByScript;
					const answer = await send(demo.server, path, {
						actId: actId(),
						...right,
						[field]: value
					});
					expect([303, 400], `${answer.status} for ${field} = ${value.slice(0, 20)}`).toContain(
						answer.status
					);
					if (answer.status !== 303) expect(demo.books.version()).toBe(before);
				}
			// All of the books is read for it.
			if (isAttack || turn % 16 === 0) expect(demo.books.faults()).toEqual([]);
		},
		120_000
	);
});

describe('rubbish', () => {
	it('is sent to every action there is', () => {
		expect(actions.length).toBeGreaterThan(25);
		expect(actions).toContain('/fires/F6?/check');
		const known = actions.map(kindOf);
		expect(Object.keys(forms).filter((path) => !known.includes(kindOf(path)))).toEqual([]);
	});

	it('of every action there is a form that is taken, or a reason why not', () => {
		const right = new Set([...Object.keys(forms), ...Object.keys(without)].map(kindOf));
		expect(actions.filter((action) => !right.has(kindOf(action)))).toEqual([]);
		tell(
			'fuzz',
			`${actions.length} actions, ${Object.keys(forms).length} of them with a form that is taken`
		);
	});

	it.each(['stacks', 'burns', 'spreads'])(
		'as the %s of a notebook writes nothing',
		async (sheet) => {
			const head =
				{
					stacks: 'label,date,form,wood,seasoned,filled',
					burns: 'label,date,vessel,stacks,char,wetness',
					spreads: 'date,bed,lot,amount'
				}[sheet] ?? '';
			for (const value of [...rubbish, '"', ',,,,,,', '\uFEFF', '\r\r\r', 'a;b\tc|d'])
				for (const text of [
					value,
					`${head}\n${value}`,
					`${head}\n${head.replace(/\w+/g, `"${value.replaceAll('"', '')}"`)}`
				])
					for (const action of ['try', 'write']) {
						const before = demo.books.version();
						const answer = await post(demo.server, `/keeping/notebook?/${action}`, {
							batch: actId(),
							[sheet]: text
						});
						// It is tried, which its own page tells of.
						expect([303, 400]).toContain(answer.status);
						expect(demo.books.version()).toBe(before);
					}
		}
	);

	it.each(actions.map((path, turn) => [path, turn] as const))(
		'sent to %s is refused in words, never with a fault, and changes nothing',
		async (path, turn) => {
			for (const value of tried(turn)) {
				const all = Object.fromEntries(fieldNames.map((name) => [name, value]));
				for (const fields of [
					all,
					{ ...all, ...choices },
					// A form of rate, where one is asked; elsewhere it is the form of wood.
					...(path.startsWith('/beds') ? [{ ...all, ...choices, form: 'lb/ft2' }] : [])
				]) {
					const before = demo.books.version();
					const send = written.has(value) ? post : postByScript;
					const answer = await send(demo.server, path, { ...fields, actId: actId() });
					expect([200, 303, 400], `${answer.status} for ${value.slice(0, 20)}`).toContain(
						answer.status
					);
					if (answer.status !== 303) expect(demo.books.version()).toBe(before);
				}
			}
		}
	);

	it.each([
		'/woodyard?sizedBy=outline&length=100&height=100&width=100',
		'/woodyard?sizedBy=measures&filled=999999999 m3',
		'/fires/plan?vessel=Lantern&loads=S2&part-S2=9e99&waterOnSite=1e99',
		'/fires/plan?vessel=__proto__&loads=constructor',
		'/vessels/new?usedFor=trench&rimWidth=20&rimLength=20&depth=20&at=99',
		'/charging/plan?char=K10&part=1e9&school=nope&ratio=1e9&wantedN=-4&temperature=900',
		'/charging/plan?char=K10&school=nitrogen-soak&wantedN=30&tub=nope',
		'/beds/Mere%202?lot=C4&amount=1000&form=lb%2Fft2',
		'/beds/Mere%202?lot=C4&amount=1e308&form=kg%2Fm2',
		'/beds/Mere%202?lot=K10&amount=0.0000001&form=percent',
		'/beds/round?lot=C4&form=percent&amount%3AMere+1=9e9',
		'/log?line=%00%00&done=%27',
		`/log/read?line=${'9'.repeat(2000)}`,
		'/log/read?line=1e308+L+C4+%3E+Mere+2',
		'/trace/lot/C4?as=stones',
		'/trace/moon/C4',
		'/find?q=%25%25%25',
		`/find?q=${'x'.repeat(3000)}`,
		'/keeping/%2e%2e.csv',
		'/keeping/constructor.csv',
		'/keeping/notebook?done=%27%27',
		'/beds/%00',
		'/beds/%E0%A4%A',
		'/woodyard/S1%27--',
		'/ledger/lot/C4/../../etc',
		'/fires/F99999999999999999999',
		`/char/${'K'.repeat(3000)}`
	])('asked for as %s is answered without a fault', async (path) => {
		const answer = await fetch(demo.server.address + path, { headers: { accept: 'text/html' } });
		expect(answer.status).toBeLessThan(500);
	});

	it.each(['', 'tea of nothing', 'constructor'])(
		'as the recipe of a programme ("%s") is refused, and its form stands there again',
		async (recipe) => {
			const form = { ...forms['/programmes?/set'], recipe, actId: actId() };
			const answer = await post(demo.server, '/programmes?/set', form);
			expect(answer.status).toBe(400);
			expect(await answer.text()).toContain('Hostile rounds');
		}
	);

	it('of a wrong kind, too large, or from elsewhere is turned away', async () => {
		const before = demo.books.everything();
		const send = (headers: Record<string, string>, body: string) =>
			fetch(`${demo.server.address}/woodyard?/measure`, {
				method: 'POST',
				redirect: 'manual',
				headers: { origin: demo.server.address, accept: 'text/html', ...headers },
				body
			});
		const form = { 'content-type': 'application/x-www-form-urlencoded' };
		expect((await send({ 'content-type': 'application/json' }, '{')).status).toBe(415);
		expect(
			(await send({ 'content-type': 'multipart/form-data; boundary=x' }, 'no boundary here')).status
		).toBe(400);
		expect((await send(form, `name=${'x'.repeat(3_000_000)}`)).status).toBe(413);
		expect((await send({ ...form, origin: 'http://elsewhere.invalid' }, 'name=x')).status).toBe(
			403
		);
		expect((await fetch(`${demo.server.address}/woodyard`, { method: 'DELETE' })).status).toBe(405);
		expect(
			(
				await fetch(`${demo.server.address}/settings?/person`, {
					method: 'POST',
					headers: {
						origin: demo.server.address,
						accept: 'text/html',
						'content-type': 'multipart/form-data; boundary=x'
					},
					body: 'junk'
				})
			).status
		).toBe(400);
		expect(demo.books.everything()).toBe(before);
	});

	it('under another host name is not served', async () => {
		const status = await new Promise<number | undefined>((resolve, reject) => {
			const { hostname, port } = new URL(demo.server.address);
			request({ hostname, port, path: '/', headers: { host: 'rebound.invalid' } }, (answer) => {
				answer.resume();
				resolve(answer.statusCode);
			})
				.on('error', reject)
				.end();
		});
		expect(status).toBe(421);
	});

	it('left no fault in the log', () => {
		const faults = demo.server
			.log()
			.split('\n')
			.filter((line) => line.includes('"level":50'));
		expect(faults).toEqual([]);
		expect(demo.books.faults()).toEqual([]);
	});
});

describe('the server', () => {
	it('says that it is well, with its headers and a request id', async () => {
		const health = await fetch(`${demo.server.address}/health`);
		expect(health.status).toBe(200);
		const page = await fetch(demo.server.address, { headers: { accept: 'text/html' } });
		expect(page.headers.get('content-security-policy')).toMatch(/script-src 'self' 'nonce-/);
		expect(page.headers.get('x-content-type-options')).toBe('nosniff');
		expect(page.headers.get('referrer-policy')).toBe('same-origin');
		const id = page.headers.get('x-request-id') as string;
		await expect.poll(() => demo.server.log()).toContain(id);
	});

	it('answers a missing page in words', async () => {
		const answer = await fetch(`${demo.server.address}/beds/Nowhere`, {
			headers: { accept: 'text/html' }
		});
		expect(answer.status).toBe(404);
		expect(await answer.text()).toContain('There is nothing at this address');
	});

	it('behind a passphrase answers nobody who lacks it', async () => {
		const own = ownFolder();
		const other = await startServer({ database: own.database, passphrase: 'reed and alder' });
		const ask = (secret?: string) =>
			fetch(other.address, {
				headers:
					secret === undefined
						? {}
						: { authorization: `Basic ${Buffer.from(`Oda:${secret}`).toString('base64')}` }
			}).then((answer) => answer.status);
		expect(await ask()).toBe(401);
		expect(await ask('reed')).toBe(401);
		expect(await ask('reed and alder')).toBe(200);
		await other.stop();
		own.drop();
	});

	it('ends at once when asked to, its books closed', async () => {
		const own = ownFolder();
		const other = await startServer({ database: own.database });
		// The body is read: a page half taken would rightly be waited for.
		await fetch(other.address).then((answer) => answer.text());
		const asked = Date.now();
		await other.stop('SIGTERM');
		// At once for a person, on a machine busy with other browsers too: well under systemd's patience.
		expect(Date.now() - asked).toBeLessThan(10_000);
		expect(other.log()).toContain('books closed');
		own.drop();
	});
});
