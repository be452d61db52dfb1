import { bulk } from './tuning';
import type { Hearth, Layer } from './state';

/** m³ that lie in it, loose. */
const volumeOf = (layers: readonly Layer[]): number => {
	let volume_m3 = 0;
	for (const { dry_kg, parted, char_kg, ash_kg } of layers)
		volume_m3 += (dry_kg * (1 - parted)) / bulk.wood + (char_kg + ash_kg) / bulk.char;
	return volume_m3;
};

/**
 * Height to which what lies in it fills the kiln, m.
 * @param near_m about where it stood before
 */
export function fillOf(
	layers: readonly Layer[],
	hearth: Hearth,
	near_m = hearth.depth_m / 2
): number {
	const volume_m3 = volumeOf(layers);
	if (volume_m3 >= hearth.volumeTo(hearth.depth_m)) return hearth.depth_m;
	let fill_m = near_m;
	for (let i = 0; i < 20; i += 1) {
		const over_m = (volume_m3 - hearth.volumeTo(fill_m)) / hearth.areaAt(fill_m);
		fill_m = Math.min(hearth.depth_m, Math.max(0, fill_m + over_m));
		if (Math.abs(over_m) < 1e-7) break;
	}
	return fill_m;
}

/** Parted so far a layer is char and nothing else. */
const done = 0.9995;

const waterOf = ({ dry_kg, moisture }: Layer): number => dry_kg * moisture;

/** Layers at the bottom that are done are one: nothing tells them apart any more. */
export function settled(layers: readonly Layer[]): readonly Layer[] {
	const [first, second, ...rest] = layers;
	if (!first || !second || first.parted < done || second.parted < done) return layers;
	const dry_kg = first.dry_kg + second.dry_kg;
	const mean = (of: (layer: Layer) => number) =>
		(of(first) * first.dry_kg + of(second) * second.dry_kg) / dry_kg;
	const water_kg = waterOf(first) + waterOf(second);
	const both: Layer = {
		dry_kg,
		diameter_m: mean((layer) => layer.diameter_m),
		moisture: mean((layer) => layer.moisture),
		dried:
			water_kg > 0 ? (waterOf(first) * first.dried + waterOf(second) * second.dried) / water_kg : 1,
		parted: mean((layer) => layer.parted),
		char_kg: first.char_kg + second.char_kg,
		ash_kg: first.ash_kg + second.ash_kg
	};
	return [both, ...rest];
}
