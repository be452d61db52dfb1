-- Ten years of books are asked as quickly as one: what pages look up is found by an index.

-- What a bed got is summed on every list of beds.
DROP INDEX movement_by_bed;
CREATE INDEX movement_by_bed ON movement (bed_id, volume_ml) WHERE bed_id IS NOT NULL;
-- What was taken from lately.
CREATE INDEX movement_by_taking ON movement (happened_at_ms) WHERE volume_ml < 0 AND lot_id IS NOT NULL;
-- What an act measured or tested, asked before it is undone.
CREATE INDEX ready_test_by_act ON ready_test (act_id);
CREATE INDEX density_reading_by_act ON density_reading (act_id);
CREATE INDEX bed_version_by_act ON bed_version (act_id);
