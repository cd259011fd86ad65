using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class HeatReadings : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "HeatReadings",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ColdId = table.Column<int>(type: "INTEGER", nullable: true),
                    Cooler = table.Column<string>(type: "TEXT", nullable: true),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Of = table.Column<string>(type: "TEXT", nullable: false),
                    Times = table.Column<double>(type: "REAL", nullable: false),
                    DeletedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Points = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_HeatReadings", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_HeatReadings_ColdId",
                table: "HeatReadings",
                column: "ColdId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "HeatReadings");
        }
    }
}
