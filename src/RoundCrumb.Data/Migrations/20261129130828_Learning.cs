using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class Learning : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Learned",
                table: "Runs",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Arm",
                table: "Bakes",
                type: "TEXT",
                nullable: false,
                defaultValue: "AsItIs");

            migrationBuilder.AddColumn<int>(
                name: "TrialId",
                table: "Bakes",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Baker",
                table: "BakeLog",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "IsLeftOut",
                table: "BakeLog",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Measures",
                table: "BakeLog",
                type: "TEXT",
                nullable: false,
                defaultValue: "{\"SomethingNew\":\"\",\"TasteWords\":\"\",\"Tastes\":[],\"Hands\":[],\"Weighed\":[]}");

            migrationBuilder.AddColumn<int>(
                name: "ObservedVersion",
                table: "BakeLog",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<double>(
                name: "Sold",
                table: "BakeLog",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "ThrownAway",
                table: "BakeLog",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "Unsold",
                table: "BakeLog",
                type: "REAL",
                nullable: true);

            // What was made before anything was learned stays as it was: by the book.
            migrationBuilder.Sql(
                "UPDATE \"Bakes\" SET \"Address\" = \"Address\" || '&learned=0' WHERE \"Address\" NOT LIKE '%learned=%'");

            migrationBuilder.CreateTable(
                name: "BakesSaid",
                columns: table => new
                {
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Of = table.Column<string>(type: "TEXT", nullable: false),
                    Under = table.Column<string>(type: "TEXT", nullable: false),
                    BakeId = table.Column<int>(type: "INTEGER", nullable: false),
                    Said = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BakesSaid", x => new { x.Kind, x.Of, x.Under, x.BakeId });
                });

            migrationBuilder.CreateTable(
                name: "CorrectionChoices",
                columns: table => new
                {
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Of = table.Column<string>(type: "TEXT", nullable: false),
                    Under = table.Column<string>(type: "TEXT", nullable: false),
                    Mode = table.Column<string>(type: "TEXT", nullable: false),
                    Pinned = table.Column<double>(type: "REAL", nullable: false),
                    ForgottenUntil = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CorrectionChoices", x => new { x.Kind, x.Of, x.Under });
                });

            migrationBuilder.CreateTable(
                name: "LearnedStates",
                columns: table => new
                {
                    Number = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    BakeId = table.Column<int>(type: "INTEGER", nullable: true),
                    Corrections = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_LearnedStates", x => x.Number);
                });

            migrationBuilder.CreateTable(
                name: "Observations",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BakeId = table.Column<int>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Of = table.Column<string>(type: "TEXT", nullable: false),
                    Under = table.Column<string>(type: "TEXT", nullable: false),
                    From = table.Column<double>(type: "REAL", nullable: true),
                    To = table.Column<double>(type: "REAL", nullable: true),
                    Noise = table.Column<double>(type: "REAL", nullable: false),
                    Spread = table.Column<double>(type: "REAL", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Observations", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Observations_Bakes_BakeId",
                        column: x => x.BakeId,
                        principalTable: "Bakes",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Photos",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BakeId = table.Column<int>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Caption = table.Column<string>(type: "TEXT", maxLength: 120, nullable: false),
                    Width = table.Column<int>(type: "INTEGER", nullable: false),
                    Height = table.Column<int>(type: "INTEGER", nullable: false),
                    Jpeg = table.Column<byte[]>(type: "BLOB", nullable: false),
                    Small = table.Column<byte[]>(type: "BLOB", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Photos", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Photos_Bakes_BakeId",
                        column: x => x.BakeId,
                        principalTable: "Bakes",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Trials",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    AsItIs = table.Column<string>(type: "TEXT", nullable: false),
                    Changed = table.Column<string>(type: "TEXT", nullable: false),
                    Change = table.Column<string>(type: "TEXT", nullable: false),
                    Measure = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    DeletedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Trials", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Bakes_PieName_MadeAt",
                table: "Bakes",
                columns: new[] { "PieName", "MadeAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Bakes_TrialId",
                table: "Bakes",
                column: "TrialId");

            migrationBuilder.CreateIndex(
                name: "IX_BakeLog_Baker",
                table: "BakeLog",
                column: "Baker");

            migrationBuilder.CreateIndex(
                name: "IX_BakeLog_Base",
                table: "BakeLog",
                column: "Base");

            migrationBuilder.CreateIndex(
                name: "IX_BakeLog_Set",
                table: "BakeLog",
                column: "Set");

            migrationBuilder.CreateIndex(
                name: "IX_BakeLog_Top",
                table: "BakeLog",
                column: "Top");

            migrationBuilder.CreateIndex(
                name: "IX_BakeLog_WrittenAt",
                table: "BakeLog",
                column: "WrittenAt");

            migrationBuilder.CreateIndex(
                name: "IX_LearnedStates_BakeId",
                table: "LearnedStates",
                column: "BakeId");

            migrationBuilder.CreateIndex(
                name: "IX_Observations_BakeId",
                table: "Observations",
                column: "BakeId");

            migrationBuilder.CreateIndex(
                name: "IX_Observations_Kind_Of",
                table: "Observations",
                columns: new[] { "Kind", "Of" });

            migrationBuilder.CreateIndex(
                name: "IX_Photos_BakeId",
                table: "Photos",
                column: "BakeId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "BakesSaid");

            migrationBuilder.DropTable(
                name: "CorrectionChoices");

            migrationBuilder.DropTable(
                name: "LearnedStates");

            migrationBuilder.DropTable(
                name: "Observations");

            migrationBuilder.DropTable(
                name: "Photos");

            migrationBuilder.DropTable(
                name: "Trials");

            migrationBuilder.DropIndex(
                name: "IX_Bakes_PieName_MadeAt",
                table: "Bakes");

            migrationBuilder.DropIndex(
                name: "IX_Bakes_TrialId",
                table: "Bakes");

            migrationBuilder.DropIndex(
                name: "IX_BakeLog_Baker",
                table: "BakeLog");

            migrationBuilder.DropIndex(
                name: "IX_BakeLog_Base",
                table: "BakeLog");

            migrationBuilder.DropIndex(
                name: "IX_BakeLog_Set",
                table: "BakeLog");

            migrationBuilder.DropIndex(
                name: "IX_BakeLog_Top",
                table: "BakeLog");

            migrationBuilder.DropIndex(
                name: "IX_BakeLog_WrittenAt",
                table: "BakeLog");

            migrationBuilder.DropColumn(
                name: "Learned",
                table: "Runs");

            migrationBuilder.DropColumn(
                name: "Arm",
                table: "Bakes");

            migrationBuilder.DropColumn(
                name: "TrialId",
                table: "Bakes");

            migrationBuilder.DropColumn(
                name: "Baker",
                table: "BakeLog");

            migrationBuilder.DropColumn(
                name: "IsLeftOut",
                table: "BakeLog");

            migrationBuilder.DropColumn(
                name: "Measures",
                table: "BakeLog");

            migrationBuilder.DropColumn(
                name: "ObservedVersion",
                table: "BakeLog");

            migrationBuilder.DropColumn(
                name: "Sold",
                table: "BakeLog");

            migrationBuilder.DropColumn(
                name: "ThrownAway",
                table: "BakeLog");

            migrationBuilder.DropColumn(
                name: "Unsold",
                table: "BakeLog");
        }
    }
}
