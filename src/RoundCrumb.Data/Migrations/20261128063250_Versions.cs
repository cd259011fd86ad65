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

            migrationBuilder.CreateIndex(
                name: "IX_Pies_Address",
                table: "Pies",
                column: "Address");

            migrationBuilder.CreateIndex(
                name: "IX_Pies_SavedAt",
                table: "Pies",
                column: "SavedAt");

            migrationBuilder.CreateIndex(
                name: "IX_Pies_Tags_DeletedAt",
                table: "Pies",
                columns: new[] { "Tags", "DeletedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Parts_Tags_DeletedAt",
                table: "Parts",
                columns: new[] { "Tags", "DeletedAt" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Pies_Address",
                table: "Pies");

            migrationBuilder.DropIndex(
                name: "IX_Pies_SavedAt",
                table: "Pies");

            migrationBuilder.DropIndex(
                name: "IX_Pies_Tags_DeletedAt",
                table: "Pies");

            migrationBuilder.DropIndex(
                name: "IX_Parts_Tags_DeletedAt",
                table: "Parts");

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
