import { describe, expect, it } from 'vitest';
import { doseSchools, pottingShare } from '../beds';
import { schools } from '../charging';
import { evidenceKinds, groundOfSource, groundOfTrial } from './index';

describe('on what ground something is said', () => {
	it.each([
		['Practice: 2–5 L/m² a time', 'hearsay'],
		['Fresh figures as gardeners use them: cattle 4–6 g N/kg', 'hearsay'],
		['Trials report 1–5 kg dry per m² (10–50 t/ha)', 'published'],
		['Cornelissen et al. 2016', 'published'],
		['Deeper than wide by a tenth. A working assumption', 'assumption'],
		['The factor is a judgement', 'assumption'],
		['of any such stuff', 'assumption'],
		['NIST Handbook 44', 'published'],
		['Practice: 7 days; kilograms are a working assumption', 'hearsay']
	] as const)('%s is %s', (source, kind) => {
		expect(groundOfSource(source)).toBe(kind);
	});

	it('of every school is told, and most of them is hearsay', () => {
		const sources = [...doseSchools, ...schools, pottingShare].map(({ source }) => source);
		const kinds = sources.map(groundOfSource);
		expect(kinds.filter((kind) => kind === 'hearsay').length).toBeGreaterThan(kinds.length / 2);
		for (const kind of kinds) expect(evidenceKinds).toContain(kind);
	});

	it('a trial without control or of one each is no more than something seen', () => {
		expect(groundOfTrial({ hasControl: true, isRepeated: true })).toBe('own-trial');
		expect(groundOfTrial({ hasControl: false, isRepeated: true })).toBe('own-observation');
		expect(groundOfTrial({ hasControl: true, isRepeated: false })).toBe('own-observation');
	});
});
