using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace RoundCrumb.Data.Migrations
{
    /// <inheritdoc />
    public partial class BakeDays : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Burners",
                table: "KitchenRooms",
                type: "INTEGER",
                nullable: false,
                defaultValue: 4);

            migrationBuilder.AddColumn<int>(
                name: "Mixers",
                table: "KitchenRooms",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<int>(
                name: "Processors",
                table: "KitchenRooms",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<double>(
                name: "WarmUp",
                table: "KitchenOvens",
                type: "REAL",
                nullable: false,
                defaultValue: 20.0);

            migrationBuilder.CreateTable(
                name: "BakeDays",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Stamp = table.Column<Guid>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", maxLength: 60, nullable: false),
                    From = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    Days = table.Column<int>(type: "INTEGER", nullable: false),
                    Forbidden = table.Column<string>(type: "TEXT", nullable: false),
                    Apart = table.Column<string>(type: "TEXT", nullable: false),
                    MoreFridge = table.Column<int>(type: "INTEGER", nullable: false),
                    MoreFreezer = table.Column<int>(type: "INTEGER", nullable: false),
                    MorePans = table.Column<string>(type: "TEXT", nullable: false),
                    Plan = table.Column<string>(type: "TEXT", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    DeletedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BakeDays", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "KitchenBakers",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Week = table.Column<string>(type: "TEXT", nullable: false),
                    DeletedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_KitchenBakers", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "DayHours",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BakeDayId = table.Column<int>(type: "INTEGER", nullable: false),
                    BakerId = table.Column<int>(type: "INTEGER", nullable: false),
                    Date = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    From = table.Column<int>(type: "INTEGER", nullable: false),
                    To = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_DayHours", x => x.Id);
                    table.ForeignKey(
                        name: "FK_DayHours_BakeDays_BakeDayId",
                        column: x => x.BakeDayId,
                        principalTable: "BakeDays",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "DayMark",
                columns: table => new
                {
                    BakeDayId = table.Column<int>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Start = table.Column<int>(type: "INTEGER", nullable: false),
                    Oven = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_DayMark", x => new { x.BakeDayId, x.Key });
                    table.ForeignKey(
                        name: "FK_DayMark_BakeDays_BakeDayId",
                        column: x => x.BakeDayId,
                        principalTable: "BakeDays",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "DayOrders",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BakeDayId = table.Column<int>(type: "INTEGER", nullable: false),
                    PieId = table.Column<int>(type: "INTEGER", nullable: true),
                    Name = table.Column<string>(type: "TEXT", maxLength: 80, nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    Count = table.Column<int>(type: "INTEGER", nullable: false),
                    Due = table.Column<DateTime>(type: "TEXT", nullable: false),
                    Notes = table.Column<string>(type: "TEXT", maxLength: 300, nullable: false),
                    Stock = table.Column<string>(type: "TEXT", nullable: false),
                    Served = table.Column<bool>(type: "INTEGER", nullable: false),
                    DeletedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_DayOrders", x => x.Id);
                    table.ForeignKey(
                        name: "FK_DayOrders_BakeDays_BakeDayId",
                        column: x => x.BakeDayId,
                        principalTable: "BakeDays",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_BakeDays_From",
                table: "BakeDays",
                column: "From");

            migrationBuilder.CreateIndex(
                name: "IX_DayHours_BakeDayId",
                table: "DayHours",
                column: "BakeDayId");

            migrationBuilder.CreateIndex(
                name: "IX_DayOrders_BakeDayId",
                table: "DayOrders",
                column: "BakeDayId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "DayHours");

            migrationBuilder.DropTable(
                name: "DayMark");

            migrationBuilder.DropTable(
                name: "DayOrders");

            migrationBuilder.DropTable(
                name: "KitchenBakers");

            migrationBuilder.DropTable(
                name: "BakeDays");

            migrationBuilder.DropColumn(
                name: "Burners",
                table: "KitchenRooms");

            migrationBuilder.DropColumn(
                name: "Mixers",
                table: "KitchenRooms");

            migrationBuilder.DropColumn(
                name: "Processors",
                table: "KitchenRooms");

            migrationBuilder.DropColumn(
                name: "WarmUp",
                table: "KitchenOvens");
        }
    }
}
