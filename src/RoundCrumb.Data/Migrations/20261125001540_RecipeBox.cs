using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class RecipeBox : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Tags",
                table: "Pies",
                type: "TEXT",
                maxLength: 200,
                nullable: false,
                defaultValue: "");

            migrationBuilder.CreateTable(
                name: "OwnIngredients",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Slug = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false, collation: "NOCASE"),
                    OtherNames = table.Column<string>(type: "TEXT", nullable: false),
                    From = table.Column<string>(type: "TEXT", nullable: false),
                    Values = table.Column<string>(type: "TEXT", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_OwnIngredients", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Parts",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false, collation: "NOCASE"),
                    Tags = table.Column<string>(type: "TEXT", maxLength: 200, nullable: false),
                    Current = table.Column<int>(type: "INTEGER", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Stamp = table.Column<int>(type: "INTEGER", nullable: false),
                    DeletedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Parts", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "RememberedNames",
                columns: table => new
                {
                    Words = table.Column<string>(type: "TEXT", nullable: false),
                    IngredientId = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_RememberedNames", x => x.Words);
                });

            migrationBuilder.CreateTable(
                name: "PartVersions",
                columns: table => new
                {
                    PartId = table.Column<int>(type: "INTEGER", nullable: false),
                    Number = table.Column<int>(type: "INTEGER", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    Method = table.Column<string>(type: "TEXT", nullable: false),
                    FamilyId = table.Column<string>(type: "TEXT", nullable: false),
                    Cup = table.Column<string>(type: "TEXT", nullable: false),
                    Egg = table.Column<string>(type: "TEXT", nullable: false),
                    MethodLoss = table.Column<double>(type: "REAL", nullable: true),
                    FillLine = table.Column<double>(type: "REAL", nullable: true),
                    Rest = table.Column<double>(type: "REAL", nullable: true),
                    Lines = table.Column<string>(type: "TEXT", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PartVersions", x => new { x.PartId, x.Number });
                    table.ForeignKey(
                        name: "FK_PartVersions_Parts_PartId",
                        column: x => x.PartId,
                        principalTable: "Parts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_OwnIngredients_Name",
                table: "OwnIngredients",
                column: "Name",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_OwnIngredients_Slug",
                table: "OwnIngredients",
                column: "Slug",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Parts_Kind_Name",
                table: "Parts",
                columns: new[] { "Kind", "Name" },
                unique: true,
                filter: "\"DeletedAt\" IS NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Parts_SavedAt",
                table: "Parts",
                column: "SavedAt");

            migrationBuilder.Sql(SearchIndex.Create);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql(SearchIndex.Drop);

            migrationBuilder.DropTable(
                name: "OwnIngredients");

            migrationBuilder.DropTable(
                name: "PartVersions");

            migrationBuilder.DropTable(
                name: "RememberedNames");

            migrationBuilder.DropTable(
                name: "Parts");

            migrationBuilder.DropColumn(
                name: "Tags",
                table: "Pies");
        }
    }
}
