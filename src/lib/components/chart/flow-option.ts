import type { SankeySeriesOption } from 'echarts/charts';
import type { ComposeOption } from 'echarts/core';
import type { TooltipComponentOption } from 'echarts/components';

export interface FlowNode {
	readonly node: string;
	readonly kind: string;
	readonly label: string;
	/** For a narrow picture. */
	readonly short: string;
}

export interface FlowEdge {
	readonly from: string;
	readonly to: string;
	readonly amount: number;
}

/** Colours and type of the page, read from its theme. */
export interface Ink {
	readonly text: string;
	/** Behind the picture. */
	readonly ground: string;
	readonly paper: string;
	readonly font: string;
	readonly ofKind: Readonly<Record<string, string>>;
	/** A node that is the page's own. */
	readonly start: string;
}

export interface FlowLook {
	/** Of every amount. */
	readonly unit: string;
	/** The node the page is about. */
	readonly start: string;
	/** A phone's width: labels keep to the code. */
	readonly narrow: boolean;
	readonly ink: Ink;
}

export type FlowOption = ComposeOption<SankeySeriesOption | TooltipComponentOption>;

/**
 * The picture of a trace: lots in the order of the work from left to right, as thick as what moved.
 * Edges between the same two nodes are one; nothing that moved nothing is drawn.
 */
export function flowOption(
	nodes: readonly FlowNode[],
	edges: readonly FlowEdge[],
	{ unit, start, narrow, ink }: FlowLook
): FlowOption {
	const summed = new Map<string, FlowEdge>();
	for (const edge of edges.filter(({ amount }) => amount > 0)) {
		const key = `${edge.from}>${edge.to}`;
		summed.set(key, { ...edge, amount: edge.amount + (summed.get(key)?.amount ?? 0) });
	}
	const drawn = new Set([...summed.values()].flatMap(({ from, to }) => [from, to]));
	const labels = new Map(nodes.map(({ node, label }) => [node, label]));
	const shorts = new Map(nodes.map(({ node, short }) => [node, short]));
	const amount = (value: number) =>
		`${value >= 10 ? Math.round(value) : Math.round(value * 10) / 10} ${unit}`;
	return {
		// It is there to be read: nothing of it grows in.
		animation: false,
		textStyle: { fontFamily: ink.font, color: ink.text },
		tooltip: {
			renderMode: 'richText',
			backgroundColor: ink.paper,
			borderColor: ink.text,
			textStyle: { color: ink.text, fontFamily: ink.font },
			formatter: (shown) => {
				const one = Array.isArray(shown) ? shown[0] : shown;
				const data = (one?.data ?? {}) as { source?: string; target?: string; name?: string };
				const value = amount(Number(one?.value ?? 0));
				return data.source === undefined
					? `${labels.get(data.name ?? '') ?? ''}: ${value}`
					: `${labels.get(data.source) ?? ''} to ${labels.get(data.target ?? '') ?? ''}: ${value}`;
			}
		},
		series: {
			type: 'sankey',
			left: 4,
			right: narrow ? 90 : 170,
			top: 10,
			bottom: 10,
			nodeWidth: 14,
			nodeGap: 12,
			// What ends early stands where it ended, not at the far edge.
			nodeAlign: 'left',
			draggable: false,
			emphasis: { focus: 'trajectory' },
			lineStyle: { color: 'source', opacity: 0.35, curveness: 0.5 },
			label: {
				color: ink.text,
				fontFamily: ink.font,
				fontSize: 13,
				textBorderColor: ink.ground,
				textBorderWidth: 3,
				formatter: ({ name }) => (narrow ? shorts : labels).get(name) ?? name
			},
			data: nodes
				.filter(({ node }) => drawn.has(node))
				.map(({ node, kind }) => ({
					name: node,
					itemStyle: {
						color: ink.ofKind[kind] ?? ink.text,
						borderColor: node === start ? ink.start : ink.text,
						borderWidth: node === start ? 3 : 0.5
					}
				})),
			links: [...summed.values()].map(({ from, to, amount: value }) => ({
				source: from,
				target: to,
				value
			}))
		}
	};
}
