-- Prices and parts on the shelf are found by words as jobs and machines are.
CREATE VIRTUAL TABLE found_prices USING fts5 (price_id UNINDEXED, words, tokenize = "unicode61 remove_diacritics 2", prefix = '2 3');
CREATE VIRTUAL TABLE found_shelf USING fts5 (shelf_id UNINDEXED, words, tokenize = "unicode61 remove_diacritics 2", prefix = '2 3');
CREATE TRIGGER price_is_found AFTER INSERT ON prices
BEGIN INSERT INTO found_prices (rowid, price_id, words) VALUES (NEW.rowid, NEW.id, NEW.number || ' ' || NEW.name || ' ' || NEW.supplier); END;
CREATE TRIGGER price_is_renamed AFTER UPDATE OF name, number ON prices
WHEN NEW.name <> OLD.name OR NEW.number <> OLD.number
BEGIN UPDATE found_prices SET words = NEW.number || ' ' || NEW.name || ' ' || NEW.supplier WHERE rowid = NEW.rowid; END;
CREATE TRIGGER part_is_found AFTER INSERT ON shelf
BEGIN INSERT INTO found_shelf (rowid, shelf_id, words) VALUES (NEW.rowid, NEW.id, 'S' || NEW.number || ' ' || NEW.name || ' ' || NEW.place); END;
CREATE TRIGGER part_is_renamed AFTER UPDATE OF name, place ON shelf
WHEN NEW.name <> OLD.name OR NEW.place <> OLD.place
BEGIN UPDATE found_shelf SET words = 'S' || NEW.number || ' ' || NEW.name || ' ' || NEW.place WHERE rowid = NEW.rowid; END;
INSERT INTO found_prices (rowid, price_id, words) SELECT rowid, id, number || ' ' || name || ' ' || supplier FROM prices;
INSERT INTO found_shelf (rowid, shelf_id, words) SELECT rowid, id, 'S' || number || ' ' || name || ' ' || place FROM shelf;

CREATE INDEX customers_by_name ON customers (name COLLATE NOCASE);
CREATE INDEX sheets_by_name ON spec_sheets (name COLLATE NOCASE);
CREATE INDEX engines_of_sheet ON engines (spec_sheet_id);
