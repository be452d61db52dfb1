import { z } from 'zod';
import {
	askedOpen,
	oftens,
	stuffs,
	type Advice,
	type ChargedSaid,
	type Stuff,
	type WeighedSaid
} from '../core/advice';
import { evidenceKinds, type EvidenceKind } from '../core/evidence';
import { maybeText, oneOf, text } from './form';

/** An advice to keep: the sentence, who says so, on what ground, and how it was taken. */
export interface KeepAdviceInput {
	readonly text: string;
	readonly who: string;
	readonly ground: EvidenceKind;
	/** For which bed it was read; empty for any. */
	readonly bed: string;
	/** Which of the ways it may be meant, from 0. */
	readonly taken: number;
	/** What was asked, where the sentence does not say. */
	readonly stuff?: Stuff | undefined;
	readonly often?: Advice['often'] | undefined;
	readonly charged?: ChargedSaid | undefined;
	readonly weighed?: WeighedSaid | undefined;
}

export const keepAdviceSchema = () =>
	z
		.object({
			heard: text(300),
			who: maybeText(60),
			ground: oneOf(evidenceKinds as unknown as [EvidenceKind, ...EvidenceKind[]]),
			forBed: maybeText(60),
			taken: maybeText(4),
			ofStuff: maybeText(20).default(''),
			howOften: maybeText(20).default(''),
			rawOrCharged: maybeText(20).default(''),
			weighed: maybeText(20).default('')
		})
		.transform(({ heard, who, ground, forBed, taken, ...said }): KeepAdviceInput => ({
			text: heard,
			...{ who, ground, bed: forBed },
			...heardOpen(said),
			taken: /^\d+$/.test(taken) ? Number(taken) : 0
		}));

/** What was said of what a sentence leaves open; of fields that a page or an address sends. */
export const heardOpen = (said: Readonly<Record<string, string | undefined>>) => ({
	stuff: stuffs.find((one) => one === said.ofStuff),
	often: oftens.find((one) => one === said.howOften),
	charged: askedOpen.charged.find((one) => one === said.rawOrCharged),
	weighed: askedOpen.weighed.find((one) => one === said.weighed)
});

export interface JudgeAdviceInput {
	readonly name: string;
	readonly helped: 'yes' | 'no' | 'unclear';
	readonly words?: string;
}

export const judgeAdviceSchema = () =>
	z
		.object({ advice: text(60), helped: oneOf(['yes', 'no', 'unclear']), cameOf: maybeText(200) })
		.transform(({ advice, helped, cameOf }): JudgeAdviceInput => ({
			...{ name: advice, helped },
			...(cameOf === '' ? {} : { words: cameOf })
		}));
