using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class Coolers : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Cooler",
                table: "KitchenColds",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "Reads",
                table: "KitchenColds",
                type: "REAL",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Cooler",
                table: "KitchenColds");

            migrationBuilder.DropColumn(
                name: "Reads",
                table: "KitchenColds");
        }
    }
}
