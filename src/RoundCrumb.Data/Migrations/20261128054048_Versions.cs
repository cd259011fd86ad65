using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class Versions : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "OwnIngredients",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "KitchenRooms",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "KitchenPans",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "KitchenOvens",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "KitchenColds",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "KitchenBakers",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "DayOrders",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Version",
                table: "OwnIngredients");

            migrationBuilder.DropColumn(
                name: "Version",
                table: "KitchenRooms");

            migrationBuilder.DropColumn(
                name: "Version",
                table: "KitchenPans");

            migrationBuilder.DropColumn(
                name: "Version",
                table: "KitchenOvens");

            migrationBuilder.DropColumn(
                name: "Version",
                table: "KitchenColds");

            migrationBuilder.DropColumn(
                name: "Version",
                table: "KitchenBakers");

            migrationBuilder.DropColumn(
                name: "Version",
                table: "DayOrders");
        }
    }
}
