import { capital, count, list } from '$lib/format/words';

export interface TodayFacts {
	readonly hot: number;
	readonly failed: number;
	readonly ripe: number;
	readonly wantTest: number;
	readonly fading: number;
	readonly watch: number;
	/** Of those, the ones whose next check is due now. */
	readonly due: number;
	readonly has: {
		readonly stacks: boolean;
		readonly vessels: boolean;
		readonly beds: boolean;
		readonly burns: boolean;
	};
}

/** What is ripe, due or wrong? */
export function todayAnswer(facts: TodayFacts): string {
	if (!facts.has.stacks && !facts.has.burns) return 'Start in the woodyard: measure one pile';
	const parts = [
		facts.hot > 0 ? `${count(facts.hot, 'fire is', 'fires are')} not proven out` : '',
		facts.due > 0 ? `${count(facts.due, 'fire wants', 'fires want')} the next check` : '',
		facts.failed > 0 ? `${count(facts.failed, 'charge has', 'charges have')} failed` : '',
		facts.ripe > 0 ? `${count(facts.ripe, 'charge is', 'charges are')} ripe` : '',
		facts.wantTest > 0 ? `${count(facts.wantTest, 'wants its test', 'want their test')}` : '',
		facts.fading > 0 ? `${count(facts.fading, 'is', 'are')} fading or past` : ''
	].filter(Boolean);
	if (parts.length === 0)
		return facts.watch > 0
			? `${capital(count(facts.watch, 'fire wants', 'fires want'))} another look`
			: 'Nothing is wrong or ripe today';
	return capital(list(parts));
}
