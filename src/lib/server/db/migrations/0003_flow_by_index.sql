-- The same view; the plus keeps the planner from building an index of its own for each question, so that a way is
-- followed by the index of acts.
DROP VIEW flow;
CREATE VIEW flow AS
	SELECT a.id AS act_id, a.verb, a.happened_at_ms, a.person, p.lot_id AS from_lot_id, c.lot_id AS to_lot_id, c.bed_id AS to_bed_id
	FROM standing_act a
	JOIN movement p ON p.act_id = a.id AND p.lot_id IS NOT NULL AND +p.direction = 'out'
	JOIN movement c ON c.act_id = a.id AND +c.direction = 'in' AND (c.lot_id IS NOT NULL OR c.bed_id IS NOT NULL)
	WHERE NOT EXISTS (SELECT 1 FROM movement t WHERE t.act_id = a.id AND t.lot_id = c.lot_id AND t.direction = 'out');
