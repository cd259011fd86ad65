using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class KitchenPans : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "KitchenPans",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    Owned = table.Column<int>(type: "INTEGER", nullable: false),
                    DeletedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_KitchenPans", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_KitchenPans_Address",
                table: "KitchenPans",
                column: "Address");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "KitchenPans");
        }
    }
}
