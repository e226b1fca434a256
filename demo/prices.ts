/** A made-up supplier's list, as its file would come. */
export const DEMO_PRICES = `number;name;price;kind;supplier;lead_days;stock;superseded_by
TS-1011;Plug, long reach;4,20;retail;Tollbrook Spares;1;40;
TS-1012;Plug, short reach;3,90;retail;Tollbrook Spares;1;36;
TS-1040;Ring set 65 mm;32,00;retail;Tollbrook Spares;3;4;
TS-1041;Piston and ring set 89 mm;79,50;retail;Tollbrook Spares;4;2;
TS-1107;Rod, aluminium, 344 cc;41,00;retail;Tollbrook Spares;4;3;
TS-1203;Crankshaft 344 cc;245,00;retail;Tollbrook Spares;9;0;
TS-1204;Crankshaft 344 cc, first pattern;;retail;Tollbrook Spares;;0;TS-1203
TS-1310;Gasket and seal set 344 cc;34,00;retail;Tollbrook Spares;3;5;
TS-1311;Head gasket 148 cc;7,80;retail;Tollbrook Spares;1;12;
TS-1312;Crank seals, pair;11,50;retail;Tollbrook Spares;2;14;
TS-1405;Float needle and seat;8,40;retail;Tollbrook Spares;2;9;
TS-1406;Diaphragm kit;14,00;retail;Tollbrook Spares;2;7;
TS-1502;Air filter, foam;9,50;retail;Tollbrook Spares;1;22;
TS-1503;Oil filter, spin-on;8,90;retail;Tollbrook Spares;1;11;
TS-1600;Oil, 1 L;8,00;retail;Tollbrook Spares;1;60;
TS-1701;Flywheel key;2,10;retail;Tollbrook Spares;1;30;
AP-88;Engine, same shaft, 344 cc;610,00;trade;Alder Power;5;1;
AP-91;Engine 208 cc;165,00;trade;Alder Power;5;3;
`
