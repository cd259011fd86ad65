using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class StockAndPrices : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "StockedSeq",
                table: "Runs",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.CreateTable(
                name: "KitchenTrades",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Aisles = table.Column<string>(type: "TEXT", nullable: false),
                    HandsAnHour = table.Column<decimal>(type: "TEXT", nullable: false),
                    Kilowatt = table.Column<decimal>(type: "TEXT", nullable: false),
                    Margin = table.Column<double>(type: "REAL", nullable: false),
                    Step = table.Column<string>(type: "TEXT", nullable: false),
                    House = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    Place = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false, defaultValue: 1)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_KitchenTrades", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "PackPrices",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Ingredient = table.Column<string>(type: "TEXT", nullable: false),
                    Grams = table.Column<double>(type: "REAL", nullable: false),
                    Shop = table.Column<string>(type: "TEXT", maxLength: 40, nullable: false),
                    Price = table.Column<decimal>(type: "TEXT", nullable: true),
                    Since = table.Column<DateOnly>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PackPrices", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "ShoppingTicks",
                columns: table => new
                {
                    List = table.Column<string>(type: "TEXT", nullable: false),
                    Ingredient = table.Column<string>(type: "TEXT", nullable: false),
                    InBasket = table.Column<bool>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ShoppingTicks", x => new { x.List, x.Ingredient });
                });

            migrationBuilder.CreateTable(
                name: "StockRows",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Ingredient = table.Column<string>(type: "TEXT", nullable: true),
                    Made = table.Column<string>(type: "TEXT", nullable: true),
                    Words = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    Counted = table.Column<double>(type: "REAL", nullable: false),
                    CountedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    UseBy = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    IsOpen = table.Column<bool>(type: "INTEGER", nullable: false),
                    Where = table.Column<string>(type: "TEXT", nullable: false),
                    GoneAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Gone = table.Column<string>(type: "TEXT", nullable: false),
                    ThrownAway = table.Column<double>(type: "REAL", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false, defaultValue: 1)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_StockRows", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "StockUses",
                columns: table => new
                {
                    Owner = table.Column<string>(type: "TEXT", nullable: false),
                    Line = table.Column<string>(type: "TEXT", nullable: false),
                    Ingredient = table.Column<string>(type: "TEXT", nullable: false),
                    Grams = table.Column<double>(type: "REAL", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_StockUses", x => new { x.Owner, x.Line });
                });

            migrationBuilder.CreateIndex(
                name: "IX_PackPrices_Ingredient_Grams_Shop_Since",
                table: "PackPrices",
                columns: new[] { "Ingredient", "Grams", "Shop", "Since" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_StockRows_GoneAt",
                table: "StockRows",
                column: "GoneAt");

            migrationBuilder.CreateIndex(
                name: "IX_StockUses_At",
                table: "StockUses",
                column: "At");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "KitchenTrades");

            migrationBuilder.DropTable(
                name: "PackPrices");

            migrationBuilder.DropTable(
                name: "ShoppingTicks");

            migrationBuilder.DropTable(
                name: "StockRows");

            migrationBuilder.DropTable(
                name: "StockUses");

            migrationBuilder.DropColumn(
                name: "StockedSeq",
                table: "Runs");
        }
    }
}
