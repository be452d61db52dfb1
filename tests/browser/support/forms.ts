/** A form of every kind of act on the demo garden that is taken as it is. */
export const forms: Readonly<Record<string, Readonly<Record<string, string>>>> = {
	'/woodyard?/measure': {
		sizedBy: 'outline',
		outline: 'box',
		length: '2 m',
		width: '1 m',
		height: '1 m',
		wood: 'softwood',
		form: 'rods',
		seasoned: 'yes',
		suspicion: 'none',
		name: 'rods'
	},
	'/woodyard/S1?/read': { method: 'pin', pieces: '18 19 20' },
	'/woodyard/S8?/hold': { held: 'yes', reason: 'paint' },
	'/fires/plan?/plan': {
		vessel: 'Lantern',
		loads: 'S2',
		'part-S2': '200 L',
		plannedFor: '2026-11-30T10:00'
	},
	'/fires/plan?/record': {
		vessel: 'Lantern',
		loads: 'S2',
		'part-S2': '200 L',
		measuredBy: 'litres',
		char: '40 L',
		sampleVolume: '10 L',
		sampleMass: '1.7 kg',
		charWeighed: '',
		wetness: 'dry',
		brands: '',
		water: '80 L',
		smoke: '5'
	},
	'/fires/F6?/check': { place1: '30', place2: '31', hand3: 'cold' },
	'/fires/F6?/relit': { left: '100 L' },
	'/fires/day?/plan': {
		barrels: 'Finch\nSiskin',
		rounds: '1',
		hands: '1',
		burners: '2',
		hoses: '1',
		fill: '12',
		light: '6',
		burn: '60',
		cap: '5',
		cool: '40',
		tip: '10',
		startsAt: '2026-11-25T09:00'
	},
	'/vessels/Lantern?/log-kit': { what: 'wear', words: 'thin at the rim' },
	'/woodyard/S1?/cover-stack': { cover: 'roof' },
	'/beds/Mere%202?/read-ph': { ph: '6.1', way: 'strip', firstDay: '2026-11-20' },
	'/beds/Mere%202?/tell-crop': {
		cropName: 'woad',
		cropKind: 'mixed',
		cropShare: '60',
		cropWhen: 'now',
		lastDay: '2027-03-01'
	},
	'/beds/Mere%202?/part': { name: 'Hostile strip', along: '1 m', partLength: '1 m' },
	'/beds/Mere%202?/own': { ownStuff: 'water', ownAmount: '20 L' },
	'/settings?/name': { kind: 'device', name: 'Hostile probe', reads: 'mass' },
	'/woodyard/S1?/split': { part: '10 L' },
	'/char/K2?/crush': { before: '30 L', after: '20 L', wetness: 'drained' },
	'/char/K2?/sample': { sampleVolume: '10 L', sampleMass: '1.7 kg' },
	'/charging/C6?/move': { vessel: '' },
	'/charging/C6?/drain': { hand1: 'cold', hand2: 'cold', hand3: 'cold' },
	'/charging/plan?/charge': {
		char: 'K10',
		part: '10 L',
		school: 'nitrogen-soak',
		partner: 'urine',
		ratio: '1',
		wantedN: '4',
		tub: 'Dye vat',
		temperature: '14 C'
	},
	'/charging/C6?/test': { passed: 'yes' },
	'/charging/C5?/turn': {},
	'/charging/C5?/read-temperature': { temperature: '18 C' },
	'/charging/C5?/topUp': { add: 'rain-water', amount: '2 L' },
	'/charging/C5?/split': { part: '10 L' },
	'/charging/C5?/join': { into: 'C3', part: '' },
	'/stock?/bring': { material: 'leaf-mould', amount: '40 L', name: 'hoop' },
	'/stock?/analyse': {
		analysed: 'castings',
		sampleVolume: '10 L',
		sampleMass: '7 kg',
		water: '65'
	},
	'/beds/Mere%202?/put': { putLot: 'M31', part: '5 L', way: 'top-dressed' },
	'/beds?/measure': {
		target: 'area',
		name: 'Hostile',
		length: '2 m',
		width: '1 m',
		depth: '15 cm',
		texture: 'loam',
		drainage: 'even',
		humus: 'usual',
		cropKind: 'mixed',
		ph: '6'
	},
	'/beds/Mere%202/measure?/measure': {
		length: '8 m',
		width: '1.1 m',
		depth: '15 cm',
		texture: 'sandy-silt',
		drainage: 'dries-out',
		humus: 'usual',
		cropKind: 'mixed',
		ph: '5.6'
	},
	'/beds/Mere%202?/spread': {
		lot: 'C4',
		form: 'L/m2',
		amount: '1',
		moisture: '',
		reason: 'asked',
		'why-char-first-season-Mere 2': 'on'
	},
	'/beds/round?/spread': {
		lot: 'C4',
		form: 'L/m2',
		'amount:Mere 1': '1',
		reason: 'asked',
		'why-char-first-season-Mere 1': 'on'
	},
	'/ledger/lot/C4?/recount': { found: '70 L', recountReason: 'dipped' },
	'/ledger/lot/C4?/takeAway': { how: 'lose', taken: '1 L', takenReason: 'spilt' },
	'/vessels/new?/measure': {
		name: 'Hostile',
		usedFor: 'open-kiln',
		rimWidth: '1 m',
		floorWidth: '50 cm',
		depth: '60 cm',
		emptyMass: ''
	},
	'/settings?/keep': {
		system: 'metric',
		place: 'Here',
		latitude: '52',
		longitude: '-1',
		timeZone: 'UTC',
		people: 'Oda'
	},
	'/settings?/measure': { measure: 'pail', holds: '12 L' },
	'/log?/write': { line: '1 L C4 > Mere 2' },
	'/ledger/lot/M32?/hold': { held: 'yes', reason: 'suspect' },
	'/charging/plan?/keep': { spotChar: '20 L', spotState: 'crushed', spotFrom: 'bought' },
	'/brews/plan?/keep': { spotVessel: '20 L', spotName: 'Own bucket' },
	'/fires/plan?/keep': {
		vessel: '@spot',
		spotName: 'Own kiln',
		spotWay: 'open-kiln',
		spotWide: '1.2 m',
		spotDeep: '60 cm'
	},
	'/beds/plan?/keep': {
		name: 'By the wall',
		target: 'area',
		length: '2.4 m',
		width: '1.2 m',
		depth: '15 cm',
		texture: 'loam',
		drainage: 'even',
		humus: 'usual',
		cropKind: 'mixed'
	}
};
