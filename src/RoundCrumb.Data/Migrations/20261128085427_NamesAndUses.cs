using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class NamesAndUses : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Pies_Name",
                table: "Pies");

            migrationBuilder.DropIndex(
                name: "IX_Parts_Kind_Name",
                table: "Parts");

            migrationBuilder.DropIndex(
                name: "IX_OwnIngredients_Name",
                table: "OwnIngredients");

            migrationBuilder.AddColumn<string>(
                name: "NameKey",
                table: "Pies",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "NameKey",
                table: "Parts",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "NameKey",
                table: "OwnIngredients",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "TimeZone",
                table: "KitchenRooms",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Orders",
                table: "DayMark",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");

            migrationBuilder.AddColumn<string>(
                name: "LentPans",
                table: "BakeDays",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "ColdOvens",
                table: "BakeDays",
                type: "TEXT",
                nullable: false,
                defaultValue: "[]");

            // What stood in a row of words stands in a list now; an oven is known by its id, no longer by its place in the row.
            migrationBuilder.Sql("""
                UPDATE BakeDays SET ColdOvens = CASE WHEN trim(Forbidden) = '' THEN '[]' ELSE '["' || replace(trim(Forbidden), ' ', '","') || '"]' END;
                UPDATE BakeDays SET Apart = CASE WHEN trim(Apart, char(10)) = '' THEN '[]' ELSE '["' || replace(trim(Apart, char(10)), char(10), '","') || '"]' END;
                WITH RECURSIVE lines(Id, n, line, rest) AS (
                  SELECT Id, 0, '', MorePans || char(10) FROM BakeDays WHERE MorePans <> ''
                  UNION ALL
                  SELECT Id, n + 1, substr(rest, 1, instr(rest, char(10)) - 1), substr(rest, instr(rest, char(10)) + 1) FROM lines WHERE rest <> '')
                UPDATE BakeDays SET LentPans = (
                  SELECT json_group_array(json(pan)) FROM (
                    SELECT json_object('More', CAST(line AS INTEGER), 'Pan', substr(line, instr(line, ' ') + 1)) AS pan
                    FROM lines WHERE lines.Id = BakeDays.Id AND instr(line, ' ') > 0 ORDER BY n));
                UPDATE BakeDays SET LentPans = '[]' WHERE LentPans IS NULL;
                UPDATE DayMark SET Oven = CASE WHEN Oven < 0 THEN '' ELSE COALESCE(
                  (SELECT 'oven-' || o.Id FROM KitchenOvens o WHERE o.DeletedAt IS NULL AND DayMark.Oven = (
                    SELECT count(*) FROM KitchenOvens b WHERE b.DeletedAt IS NULL AND (b.Place < o.Place OR (b.Place = o.Place AND b.Id < o.Id)))), '') END;
                """);

            migrationBuilder.CreateTable(
                name: "PartUses",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PartId = table.Column<int>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    PieId = table.Column<int>(type: "INTEGER", nullable: true),
                    BakeId = table.Column<int>(type: "INTEGER", nullable: true),
                    OrderId = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PartUses", x => x.Id);
                    table.ForeignKey(
                        name: "FK_PartUses_Bakes_BakeId",
                        column: x => x.BakeId,
                        principalTable: "Bakes",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_PartUses_DayOrders_OrderId",
                        column: x => x.OrderId,
                        principalTable: "DayOrders",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_PartUses_Pies_PieId",
                        column: x => x.PieId,
                        principalTable: "Pies",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Pies_NameKey",
                table: "Pies",
                column: "NameKey",
                unique: true,
                filter: "\"DeletedAt\" IS NULL AND \"NameKey\" <> ''");

            migrationBuilder.CreateIndex(
                name: "IX_Parts_Kind_NameKey",
                table: "Parts",
                columns: new[] { "Kind", "NameKey" },
                unique: true,
                filter: "\"DeletedAt\" IS NULL AND \"NameKey\" <> ''");

            migrationBuilder.CreateIndex(
                name: "IX_OwnIngredients_NameKey",
                table: "OwnIngredients",
                column: "NameKey",
                unique: true,
                filter: "\"NameKey\" <> ''");

            migrationBuilder.CreateIndex(
                name: "IX_PartUses_BakeId",
                table: "PartUses",
                column: "BakeId");

            migrationBuilder.CreateIndex(
                name: "IX_PartUses_OrderId",
                table: "PartUses",
                column: "OrderId");

            migrationBuilder.CreateIndex(
                name: "IX_PartUses_PartId_Version",
                table: "PartUses",
                columns: new[] { "PartId", "Version" });

            migrationBuilder.CreateIndex(
                name: "IX_PartUses_PieId",
                table: "PartUses",
                column: "PieId");

            migrationBuilder.AlterColumn<string>(
                name: "Oven",
                table: "DayMark",
                type: "TEXT",
                nullable: false,
                oldClrType: typeof(int),
                oldType: "INTEGER");

            migrationBuilder.DropColumn(
                name: "Forbidden",
                table: "BakeDays");

            migrationBuilder.DropColumn(
                name: "MorePans",
                table: "BakeDays");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "PartUses");

            migrationBuilder.DropIndex(
                name: "IX_Pies_NameKey",
                table: "Pies");

            migrationBuilder.DropIndex(
                name: "IX_Parts_Kind_NameKey",
                table: "Parts");

            migrationBuilder.DropIndex(
                name: "IX_OwnIngredients_NameKey",
                table: "OwnIngredients");

            migrationBuilder.DropColumn(
                name: "NameKey",
                table: "Pies");

            migrationBuilder.DropColumn(
                name: "NameKey",
                table: "Parts");

            migrationBuilder.DropColumn(
                name: "NameKey",
                table: "OwnIngredients");

            migrationBuilder.DropColumn(
                name: "TimeZone",
                table: "KitchenRooms");

            migrationBuilder.DropColumn(
                name: "Orders",
                table: "DayMark");

            migrationBuilder.DropColumn(
                name: "LentPans",
                table: "BakeDays");

            migrationBuilder.AlterColumn<int>(
                name: "Oven",
                table: "DayMark",
                type: "INTEGER",
                nullable: false,
                oldClrType: typeof(string),
                oldType: "TEXT");

            migrationBuilder.DropColumn(
                name: "ColdOvens",
                table: "BakeDays");

            migrationBuilder.AddColumn<string>(
                name: "MorePans",
                table: "BakeDays",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Forbidden",
                table: "BakeDays",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.CreateIndex(
                name: "IX_Pies_Name",
                table: "Pies",
                column: "Name",
                unique: true,
                filter: "\"DeletedAt\" IS NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Parts_Kind_Name",
                table: "Parts",
                columns: new[] { "Kind", "Name" },
                unique: true,
                filter: "\"DeletedAt\" IS NULL");

            migrationBuilder.CreateIndex(
                name: "IX_OwnIngredients_Name",
                table: "OwnIngredients",
                column: "Name",
                unique: true);
        }
    }
}
