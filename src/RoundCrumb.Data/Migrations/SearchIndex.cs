namespace RoundCrumb.Data.Migrations;

/// <summary>The full-text index and the triggers that keep it. One row for everything that can be found; its rowid tells where it comes from.</summary>
internal static class SearchIndex
{
    public const string Create = """
        CREATE VIRTUAL TABLE Found USING fts5(Kind UNINDEXED, Ref UNINDEXED, Name, Words, tokenize = 'unicode61 remove_diacritics 2', prefix = '1 2 3');

        CREATE TRIGGER Found_Part_Added AFTER INSERT ON Parts BEGIN
          INSERT INTO Found (rowid, Kind, Ref, Name, Words) VALUES (NEW.Id * 8 + 1, 'part', NEW.Id, NEW.Name, NEW.Kind || ' ' || NEW.Tags);
        END;
        CREATE TRIGGER Found_Part_Changed AFTER UPDATE ON Parts BEGIN
          DELETE FROM Found WHERE rowid = NEW.Id * 8 + 1;
          INSERT INTO Found (rowid, Kind, Ref, Name, Words)
            SELECT p.Id * 8 + 1, 'part', p.Id, p.Name, p.Kind || ' ' || p.Tags || ' ' || COALESCE((SELECT v.Text || ' ' || v.Method FROM PartVersions v WHERE v.PartId = p.Id AND v.Number = p.Current), '')
            FROM Parts p WHERE p.Id = NEW.Id AND p.DeletedAt IS NULL;
        END;
        CREATE TRIGGER Found_Part_Removed AFTER DELETE ON Parts BEGIN
          DELETE FROM Found WHERE rowid = OLD.Id * 8 + 1;
        END;
        CREATE TRIGGER Found_Version_Added AFTER INSERT ON PartVersions BEGIN
          DELETE FROM Found WHERE rowid = NEW.PartId * 8 + 1;
          INSERT INTO Found (rowid, Kind, Ref, Name, Words)
            SELECT p.Id * 8 + 1, 'part', p.Id, p.Name, p.Kind || ' ' || p.Tags || ' ' || COALESCE((SELECT v.Text || ' ' || v.Method FROM PartVersions v WHERE v.PartId = p.Id AND v.Number = p.Current), '')
            FROM Parts p WHERE p.Id = NEW.PartId AND p.DeletedAt IS NULL;
        END;
        CREATE TRIGGER Found_Version_Changed AFTER UPDATE ON PartVersions BEGIN
          DELETE FROM Found WHERE rowid = NEW.PartId * 8 + 1;
          INSERT INTO Found (rowid, Kind, Ref, Name, Words)
            SELECT p.Id * 8 + 1, 'part', p.Id, p.Name, p.Kind || ' ' || p.Tags || ' ' || COALESCE((SELECT v.Text || ' ' || v.Method FROM PartVersions v WHERE v.PartId = p.Id AND v.Number = p.Current), '')
            FROM Parts p WHERE p.Id = NEW.PartId AND p.DeletedAt IS NULL;
        END;

        CREATE TRIGGER Found_Pie_Added AFTER INSERT ON Pies BEGIN
          INSERT INTO Found (rowid, Kind, Ref, Name, Words) VALUES (NEW.Id * 8 + 2, 'pie', NEW.Id, NEW.Name, NEW.Tags || ' ' || replace(replace(NEW.Address, '=', ' '), '&', ' '));
        END;
        CREATE TRIGGER Found_Pie_Changed AFTER UPDATE ON Pies BEGIN
          DELETE FROM Found WHERE rowid = NEW.Id * 8 + 2;
          INSERT INTO Found (rowid, Kind, Ref, Name, Words)
            SELECT NEW.Id * 8 + 2, 'pie', NEW.Id, NEW.Name, NEW.Tags || ' ' || replace(replace(NEW.Address, '=', ' '), '&', ' ') WHERE NEW.DeletedAt IS NULL;
        END;
        CREATE TRIGGER Found_Pie_Removed AFTER DELETE ON Pies BEGIN
          DELETE FROM Found WHERE rowid = OLD.Id * 8 + 2;
        END;

        CREATE TRIGGER Found_Bake_Added AFTER INSERT ON Bakes BEGIN
          INSERT INTO Found (rowid, Kind, Ref, Name, Words) VALUES (NEW.Id * 8 + 3, 'bake', NEW.Id, NEW.PieName, '');
        END;
        CREATE TRIGGER Found_Bake_Removed AFTER DELETE ON Bakes BEGIN
          DELETE FROM Found WHERE rowid = OLD.Id * 8 + 3;
        END;
        CREATE TRIGGER Found_Log_Added AFTER INSERT ON BakeLog BEGIN
          UPDATE Found SET Words = NEW.Notes WHERE rowid = NEW.BakeId * 8 + 3;
        END;
        CREATE TRIGGER Found_Log_Changed AFTER UPDATE ON BakeLog BEGIN
          UPDATE Found SET Words = NEW.Notes WHERE rowid = NEW.BakeId * 8 + 3;
        END;

        CREATE TRIGGER Found_Own_Added AFTER INSERT ON OwnIngredients BEGIN
          INSERT INTO Found (rowid, Kind, Ref, Name, Words) VALUES (NEW.Id * 8 + 4, 'ingredient', NEW.Slug, NEW.Name, replace(NEW.OtherNames, '|', ' '));
        END;
        CREATE TRIGGER Found_Own_Changed AFTER UPDATE ON OwnIngredients BEGIN
          UPDATE Found SET Name = NEW.Name, Words = replace(NEW.OtherNames, '|', ' ') WHERE rowid = NEW.Id * 8 + 4;
        END;

        INSERT INTO Found (rowid, Kind, Ref, Name, Words) SELECT Id * 8 + 2, 'pie', Id, Name, replace(replace(Address, '=', ' '), '&', ' ') FROM Pies WHERE DeletedAt IS NULL;
        INSERT INTO Found (rowid, Kind, Ref, Name, Words) SELECT b.Id * 8 + 3, 'bake', b.Id, b.PieName, COALESCE((SELECT l.Notes FROM BakeLog l WHERE l.BakeId = b.Id), '') FROM Bakes b;
        """;

    public const string Drop = """
        DROP TRIGGER Found_Part_Added; DROP TRIGGER Found_Part_Changed; DROP TRIGGER Found_Part_Removed; DROP TRIGGER Found_Version_Added; DROP TRIGGER Found_Version_Changed;
        DROP TRIGGER Found_Pie_Added; DROP TRIGGER Found_Pie_Changed; DROP TRIGGER Found_Pie_Removed; DROP TRIGGER Found_Bake_Added; DROP TRIGGER Found_Bake_Removed;
        DROP TRIGGER Found_Log_Added; DROP TRIGGER Found_Log_Changed; DROP TRIGGER Found_Own_Added; DROP TRIGGER Found_Own_Changed;
        DROP TABLE Found;
        """;
}
