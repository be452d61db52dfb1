import { readAdvice } from '../../../core/advice';
import { keepAdviceSchema } from '../../../input/advice';
import { keepAdvice } from '../../usecases/detective/keep-advice';
import { smallSchema } from '../../../input/small';
import { signsSchema } from '../../../input/detective';
import { readSigns } from '../../../input/signs-said';
import { signWords } from '../../../format/why-words';
import { doSmall } from '../../usecases/small-act';
import { seeSigns } from '../../usecases/detective/see-signs';
import { leadingName, namesOfKind } from '../names';
import { sending, trouble, type LogVerb } from '../sending';

const told = (head: string, text: string) => () => () => () => ({ head, text });

/** `sign Mere 2 yellow old leaves, gap at edge, no worms` */
export const signVerb: LogVerb = {
	word: 'sign',
	about: 'a bed that sulks',
	examples: [
		{
			line: 'sign Mere 2 yellow old leaves, gap at edge, no worms',
			does: 'what is seen on a bed that sulks; "no" before what was looked for in vain'
		}
	],
	fits: ({ kind }) => kind === 'bed',
	read: ({ rest }, names) => {
		const bed = leadingName(rest, namesOfKind(names, 'bed'));
		if (!bed || bed.rest.trim() === '') return trouble('line-sign');
		const { seen, vain, unknown } = readSigns(bed.rest);
		if (unknown.length > 0) return trouble('line-no-sign', { sign: unknown[0] ?? '' });
		const words = [
			...seen.map((id) => signWords[id]),
			...vain.map((id) => `no ${signWords[id]}`)
		].join(', ');
		return sending(
			{ seen: seen.join(' '), vain: vain.join(' '), asked: '' },
			() => signsSchema(bed.name),
			seeSigns,
			told(`${bed.name}: ${words}`, 'What it may be stands on its page.')
		);
	}
};

/** `heard "a cup and a half to the foot"` */
export const heardVerb: LogVerb = {
	word: 'heard',
	about: 'an advice',
	examples: [
		{
			line: 'heard "a cup and a half of char to the foot"',
			does: 'an advice as it was said; it is turned into litres on its page'
		}
	],
	fits: () => false,
	read: ({ rest }) => {
		const heard = rest.trim().replace(/^["“”']+|["“”']+$/g, '');
		if (heard === '') return trouble('line-heard');
		return sending(
			{ heard, who: '', ground: readAdvice(heard).ground, forBed: '', taken: '0' },
			() => keepAdviceSchema(),
			keepAdvice,
			told('Heard', heard)
		);
	}
};

/** `seep Mere 2 444 mL 11 min` */
export const seepVerb: LogVerb = {
	word: 'seep',
	about: 'a bed',
	examples: [
		{
			line: 'seep Mere 2 444 mL 11 min',
			does: 'water into a six-inch ring, and how long until it was gone'
		}
	],
	fits: ({ kind }) => kind === 'bed',
	read: ({ rest }, names) => {
		const bed = leadingName(rest, namesOfKind(names, 'bed'));
		const [, water = '', minutes = '', run = ''] =
			/^(.+?)\s+([\d.,/ ]+?)\s*min(?:utes?)?\b\s*(first|second)?/i.exec(bed?.rest.trim() ?? '') ??
			[];
		if (!bed || water === '') return trouble('line-seep');
		const values = {
			...{ seepWater: water, seepMinutes: minutes.trim(), seepRing: '' },
			seepRun: run === '' ? 'second' : run.toLowerCase()
		};
		return sending(
			values,
			(reading) => smallSchema(reading, 'read-seep', 'bed', bed.name),
			doSmall,
			told(`${bed.name}: ${water} gone in ${minutes.trim()} min`, 'Kept with its time.')
		);
	}
};
