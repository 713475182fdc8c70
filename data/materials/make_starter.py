#!/usr/bin/env python3
"""Writes the starter materials (*.csv beside this file). Makers and products are invented; the colours are what the named
pigments give: masstones by Colour Index name (from memory), tints and shades by Kubelka-Munk mixtures with PW6 and PBk7
in linear sRGB, lightness kept within L* 8..97. Nobody needs this to build; the CSV files are the data."""
import csv
import os

HERE = os.path.dirname(os.path.abspath(__file__))
COLUMNS = ["kind", "id", "maker", "name", "hex", "hiding", "hardness", "pigments", "lightfastness", "hazard", "surface", "water"]
RANK = {"excellent": 2, "very good": 1, "fair": 0}

# look, Colour Index name, masstone, hiding power, lightfastness, hazard
PIGMENTS = {
    "lemon yellow": ("PY3", "#f0d71e", 0.75, "very good", ""),
    "warm yellow": ("PY154", "#f2b90f", 0.8, "excellent", ""),
    "deep yellow": ("PY35", "#f0a21a", 1.2, "excellent", "cadmium"),
    "pale green-yellow": ("PY53", "#d9cc5a", 1.1, "excellent", "nickel"),
    "yellow ochre": ("PY43", "#b9822e", 1.0, "excellent", ""),
    "gold ochre": ("PY42", "#c48a24", 0.95, "excellent", ""),
    "orange": ("PO62", "#e5691c", 0.8, "excellent", ""),
    "deep orange": ("PO20", "#e2561b", 1.2, "excellent", "cadmium"),
    "warm scarlet": ("PR108", "#c0320f", 1.2, "excellent", "cadmium"),
    "burnt orange": ("PO48", "#a23a14", 0.7, "excellent", ""),
    "brown orange": ("PBr25", "#7a2f18", 0.8, "excellent", ""),
    "maroon": ("PR179", "#5e171c", 0.8, "excellent", ""),
    "scarlet": ("PR254", "#cf2a22", 0.9, "excellent", ""),
    "deep red": ("PR108", "#a81f26", 1.25, "excellent", "cadmium"),
    "rose": ("PV19", "#b3204f", 0.6, "excellent", ""),
    "magenta": ("PR122", "#9e2167", 0.6, "very good", ""),
    "red earth": ("PR101", "#9a3f28", 1.25, "excellent", ""),
    "violet earth": ("PR101", "#6b332f", 1.3, "excellent", ""),
    "orange earth": ("PR101", "#b85a2c", 1.0, "excellent", ""),
    "raw sienna": ("PBr7", "#a5692f", 0.8, "excellent", ""),
    "burnt sienna": ("PBr7", "#7d4026", 0.85, "excellent", ""),
    "raw umber": ("PBr7", "#5c4630", 0.95, "excellent", "manganese"),
    "burnt umber": ("PBr7", "#4a2d22", 1.0, "excellent", "manganese"),
    "red violet": ("PV16", "#7a3c86", 0.7, "excellent", "manganese"),
    "blue violet": ("PV23", "#3b2463", 0.8, "fair", ""),
    "ultramarine": ("PB29", "#2b3a9c", 0.75, "excellent", ""),
    "clear blue": ("PB28", "#2a5cae", 0.9, "excellent", "cobalt"),
    "green-blue": ("PB15:3", "#155a9a", 0.85, "excellent", ""),
    "iron blue": ("PB27", "#1f2f52", 0.9, "very good", ""),
    "turquoise": ("PB36", "#1b7f8c", 0.95, "excellent", "cobalt, chromium"),
    "blue-green": ("PG7", "#0f5a4e", 0.85, "excellent", ""),
    "cool green": ("PG18", "#1e6b56", 0.7, "excellent", "chromium"),
    "leaf green": ("PG17", "#5b7a3a", 1.3, "excellent", "chromium"),
    "bright green": ("PG36", "#2f8a3c", 0.8, "excellent", ""),
    "olive": ("PY42, PG7, PBr7", "#67672f", 0.95, "excellent", ""),
    "green earth": ("PG23", "#7b8264", 0.5, "excellent", ""),
    "indigo": ("PB15:3, PBk7", "#232d44", 1.0, "excellent", ""),
    "aubergine": ("PV23, PR101", "#3f1f38", 1.0, "fair", ""),
    "warm grey": ("PW6, PBr7, PBk7", "#7a7268", 1.2, "excellent", ""),
    "cool grey": ("PW6, PB29, PBk7", "#6b737c", 1.2, "excellent", ""),
    "green grey": ("PW6, PG17, PBk7", "#6d7568", 1.2, "excellent", "chromium"),
    "violet grey": ("PW6, PV15, PBk7", "#756d79", 1.2, "excellent", ""),
    "flesh": ("PW6, PR101, PY43", "#cf9878", 1.1, "excellent", ""),
}
WHITE = "#f6f4ee"
BLACK = "#1d1c1c"


def linear(hexcode):
    v = [int(hexcode[i:i + 2], 16) / 255 for i in (1, 3, 5)]
    return [x / 12.92 if x <= 0.04045 else ((x + 0.055) / 1.055) ** 2.4 for x in v]


def encoded(v):
    v = [min(1, max(0, x)) for x in v]
    return "#" + "".join("%02x" % round(255 * (12.92 * x if x <= 0.0031308 else 1.055 * x ** (1 / 2.4) - 0.055)) for x in v)


def ks(r):
    r = min(0.97, max(0.012, r))  # a masstone keeps a little surface light in every band
    return (1 - r) ** 2 / (2 * r)


def mix(parts):
    """parts: (hex, amount, strength); K and S add by amount (Duncan 1940)."""
    out = []
    for channel in range(3):
        k = sum(amount * s * ks(linear(h)[channel]) for h, amount, s in parts)
        s = sum(amount * s for _, amount, s in parts)
        q = k / s
        out.append(1 + q - (q * q + 2 * q) ** 0.5)
    return encoded(out)


# step name: part of white, part of black
STEPS = {"darkest": (0, 0.50), "dark": (0, 0.22), "": (0, 0), "light": (0.40, 0), "pale": (0.72, 0), "palest": (0.91, 0)}


def tone(look, step):
    white, black = STEPS[step]
    base = PIGMENTS[look][1]
    own = 1 - white - black
    if own == 1:
        return base
    return mix([(base, own, 1.0), (WHITE, white, 1.4), (BLACK, black, 0.5)])


def row(kind, number, maker, prefix, look, step, hardness):
    ci, _, hiding, fast, hazard = PIGMENTS[look]
    white, black = STEPS[step]
    pigments = ci.split(", ")
    for extra, part in (("PW6", white), ("PBk7", black)):
        if part and extra not in pigments:
            pigments.append(extra)
    # White brings its own hiding power into a tint.
    hiding = round(hiding * (1 - white) + 1.2 * white, 2)
    name = look + (", " + step if step else "")
    return [kind, f"{prefix}{number:03d}", maker, name, tone(look, step), hiding, hardness, "; ".join(pigments), fast, hazard, "", ""]


def plain(kind, ident, maker, name, hexcode, hiding, hardness, pigments, fast="excellent", hazard=""):
    return [kind, ident, maker, name, hexcode, hiding, hardness, pigments, fast, hazard, "", ""]


def ladder(kind, maker, prefix, hardness, plan):
    rows = []
    for look, steps in plan:
        for step in steps:
            rows.append(row(kind, len(rows) + 1, maker, prefix, look, step, hardness))
    return rows


def write(name, rows, columns=COLUMNS):
    with open(os.path.join(HERE, name), "w", newline="", encoding="utf-8") as f:
        out = csv.writer(f, lineterminator="\n")
        out.writerow(columns)
        out.writerows(rows)
    print(name, len(rows))


ALL5 = ["darkest", "", "light", "pale", "palest"]
FOUR = ["dark", "", "light", "pale"]
soft = ladder("soft", "Ostrel & Daughters", "S", 0.15, [
    ("lemon yellow", ["", "pale"]), ("warm yellow", ["", "palest"]), ("deep yellow", [""]),
    ("yellow ochre", ["darkest", "dark", "", "light", "pale", "palest"]), ("gold ochre", [""]),
    ("orange", ["", "light", "pale"]), ("deep orange", [""]), ("burnt orange", ["dark", ""]), ("warm scarlet", ["dark", ""]), ("brown orange", ["", "light"]), ("maroon", ["dark", ""]), ("scarlet", ["dark", "", "light"]), ("deep red", ["darkest", ""]),
    ("rose", ["darkest", "", "light", "pale"]), ("magenta", ["dark", "pale"]),
    ("red earth", ["darkest", "dark", "", "light", "pale", "palest"]), ("violet earth", ["darkest", "", "light", "pale"]),
    ("orange earth", FOUR), ("raw sienna", ["", "pale"]), ("burnt sienna", ["darkest", "", "light", "pale"]),
    ("raw umber", ALL5), ("burnt umber", ["darkest", "", "light", "pale"]), ("red violet", ["dark", "light"]),
    ("blue violet", ["darkest", "", "light", "pale"]), ("ultramarine", ["darkest", "", "light", "pale", "palest"]), ("clear blue", ["", "light"]),
    ("green-blue", ["darkest", "", "pale"]), ("iron blue", [""]), ("turquoise", ["dark", "pale"]), ("blue-green", ["darkest", "", "light"]),
    ("leaf green", ["darkest", "dark", "", "light", "pale"]), ("bright green", ["dark", "light"]), ("olive", FOUR), ("green earth", [""]),
    ("indigo", ["darkest", "", "light", "pale"]), ("aubergine", ["darkest", "", "light"]),
    ("warm grey", ["darkest", "dark", "", "light", "pale"]), ("cool grey", ["darkest", "dark", "", "light", "pale"]),
    ("flesh", [""])])
soft += [plain("soft", "S%03d" % (len(soft) + 1), "Ostrel & Daughters", "white, chalky", "#f1efe9", 0.9, 0.1, "PW6; PW18"),
         plain("soft", "S%03d" % (len(soft) + 2), "Ostrel & Daughters", "white, brilliant", "#f7f6f2", 1.4, 0.2, "PW6"),
         plain("soft", "S%03d" % (len(soft) + 3), "Ostrel & Daughters", "black, warm", "#1c1918", 1.4, 0.15, "PBk9"),
         plain("soft", "S%03d" % (len(soft) + 4), "Ostrel & Daughters", "black, green", "#181d1c", 1.4, 0.15, "PBk7; PG7")]
hard = ladder("hard", "Marlhollow", "H", 0.65, [
    ("warm yellow", ["", "pale"]), ("yellow ochre", ["dark", "", "light"]), ("orange", ["", "light"]), ("scarlet", ["dark", ""]), ("rose", ["", "pale"]),
    ("red earth", ["darkest", "", "light"]), ("burnt sienna", ["dark", "", "light"]), ("raw umber", ["", "light", "pale"]), ("burnt umber", ["darkest", ""]),
    ("blue violet", ["dark", "light"]), ("ultramarine", ["dark", "", "pale"]), ("turquoise", [""]), ("leaf green", ["dark", "", "light"]), ("olive", ["", "light"]),
    ("indigo", [""]), ("warm grey", ["dark", "", "pale"]), ("cool grey", ["dark", "", "pale"])])
hard = hard[:38]
hard += [plain("hard", "H%03d" % (len(hard) + 1), "Marlhollow", "white", "#f4f2ec", 1.1, 0.6, "PW6"),
         plain("hard", "H%03d" % (len(hard) + 2), "Marlhollow", "black", "#211f1f", 1.2, 0.6, "PBk7")]
pencil = ladder("pencil", "Vennick", "P", 0.8, [
    ("lemon yellow", ["", "pale"]), ("warm yellow", ["", "light"]), ("yellow ochre", ["dark", "", "light", "pale"]), ("orange", ["", "light"]),
    ("scarlet", ["dark", "", "light"]), ("deep red", ["darkest", ""]), ("maroon", [""]), ("warm scarlet", [""]), ("rose", ["dark", "pale"]), ("magenta", ["", "light"]), ("red earth", ["darkest", "", "light"]),
    ("burnt sienna", ["dark", "", "light", "pale"]), ("raw umber", ["dark", "", "light", "pale"]), ("burnt umber", ["darkest", "", "light"]),
    ("blue violet", ["darkest", "", "light"]), ("ultramarine", ["dark", "", "light", "pale"]), ("clear blue", ["", "light"]), ("green-blue", [""]),
    ("turquoise", ["", "pale"]), ("blue-green", ["dark"]), ("leaf green", ["dark", "", "light"]), ("olive", ["dark", "", "pale"]), ("indigo", ["", "light"]),
    ("aubergine", ["dark"]), ("warm grey", ["dark", "", "pale"]), ("cool grey", ["dark", "", "pale"]), ("flesh", [""])])
pencil = pencil[:57]
pencil += [plain("pencil", "P%03d" % (len(pencil) + 1), "Vennick", "white, chalky", "#efede7", 0.8, 0.7, "PW18; PW6"),
           plain("pencil", "P%03d" % (len(pencil) + 2), "Vennick", "white, brilliant", "#f6f5f1", 1.3, 0.85, "PW6"),
           plain("pencil", "P%03d" % (len(pencil) + 3), "Vennick", "black", "#201e1e", 1.3, 0.8, "PBk7")]
pan = ladder("pan", "Quoyle", "N", 0.1, [
    ("lemon yellow", [""]), ("deep yellow", [""]), ("yellow ochre", ["", "pale"]), ("orange", [""]), ("scarlet", [""]), ("rose", [""]), ("red earth", ["", "light"]),
    ("burnt sienna", [""]), ("raw umber", ["", "pale"]), ("burnt umber", ["dark"]), ("red violet", [""]), ("ultramarine", ["", "pale"]), ("green-blue", [""]),
    ("turquoise", [""]), ("leaf green", ["", "light"]), ("indigo", [""])])
pan += [plain("pan", "N%03d" % (len(pan) + 1), "Quoyle", "warm grey", tone("warm grey", ""), 1.2, 0.1, "PW6; PBr7; PBk7", hazard="manganese"),
        plain("pan", "N%03d" % (len(pan) + 2), "Quoyle", "white", "#f4f2ed", 1.2, 0.1, "PW6"),
        plain("pan", "N%03d" % (len(pan) + 3), "Quoyle", "black", "#1e1d1d", 1.3, 0.1, "PBk7")]
charcoal = [plain("charcoal", "C001", "Marlhollow", "vine charcoal", "#33312f", 0.6, 0.2, "PBk8"),
            plain("charcoal", "C002", "Marlhollow", "compressed charcoal", "#1f1e1e", 1.2, 0.4, "PBk6")]
gouache = ladder("gouache", "Quoyle", "G", 0, [
    ("yellow ochre", ["", "pale"]), ("orange earth", [""]), ("red earth", ["", "dark"]), ("burnt umber", [""]), ("rose", ["dark"]), ("blue violet", ["dark"]),
    ("ultramarine", ["", "light"]), ("indigo", [""]), ("leaf green", ["dark"]), ("warm grey", [""]), ("cool grey", [""])])
watercolour = ladder("watercolour", "Quoyle", "W", 0, [
    ("warm yellow", [""]), ("yellow ochre", [""]), ("orange earth", [""]), ("burnt sienna", [""]), ("burnt umber", [""]), ("rose", [""]), ("blue violet", [""]),
    ("ultramarine", [""]), ("indigo", [""]), ("cool green", [""])])
ink = [plain("ink", "K001", "Tolliver", "black ink", "#191819", 1.3, 0, "PBk7"), plain("ink", "K002", "Tolliver", "sepia ink", "#33231b", 1.0, 0, "PBr7; PBk7", hazard="manganese")]

# As large as each maker's sheets are, in mm, and how their fibres run.
sheets = {"Fennimore": (500, 650, "height"), "Larkwell": (650, 980, "width"), "Aldous Mill": (500, 650, "width")}
papers = []
for ident, maker, name, surface, hexcode, water in [
    ("grit400-warm", "Fennimore", "sanded 400, warm grey", "sanded-400", "#8a7f74", "yes"),
    ("grit400-sand", "Fennimore", "sanded 400, sand", "sanded-400", "#c2ab86", "yes"),
    ("grit400-dark", "Fennimore", "sanded 400, charcoal grey", "sanded-400", "#4b4a4a", "yes"),
    ("grit600-white", "Fennimore", "sanded 600, white", "sanded-600", "#f0ede6", "yes"),
    ("grit600-terra", "Fennimore", "sanded 600, terracotta", "sanded-600", "#9c5a3c", "yes"),
    ("grit600-olive", "Fennimore", "sanded 600, olive grey", "sanded-600", "#6f6d58", "yes"),
    ("card-blue", "Larkwell", "microfibre card, blue grey", "microfibre", "#7d8894", "no"),
    ("card-cream", "Larkwell", "microfibre card, cream", "microfibre", "#e6d9b8", "no"),
    ("card-brown", "Larkwell", "microfibre card, dark brown", "microfibre", "#4f3d33", "no"),
    ("velour-grey", "Larkwell", "velour, mid grey", "velour", "#878683", "no"),
    ("velour-black", "Larkwell", "velour, black", "velour", "#262525", "no"),
    ("comb-stone-r", "Aldous Mill", "honeycomb, rough side, stone", "honeycomb-rough", "#a89f8f", "light"),
    ("comb-stone-s", "Aldous Mill", "honeycomb, smooth side, stone", "honeycomb-smooth", "#a89f8f", "light"),
    ("laid-buff", "Aldous Mill", "laid, buff", "laid", "#cbb692", "light"),
    ("laid-slate", "Aldous Mill", "laid, slate", "laid", "#596069", "light"),
    ("cartridge-white", "Aldous Mill", "cartridge, white", "cartridge", "#f2f0ea", "light"),
]:
    width, height, fibres = sheets[maker]
    papers.append(["paper", ident, maker, name, hexcode, "", "", "", "", "", surface, water, width, height, fibres,
                   "comb-stone-r" if ident == "comb-stone-s" else ""])

tools = []
for ident, kind, name in [
    ("T001", "stump", "paper stump, wide"), ("T002", "stump", "paper stump, fine"), ("T003", "shaper", "rubber shaper"),
    ("T004", "sponge", "sponge tip"), ("T005", "brush", "soft brush, flat"), ("T006", "knife", "plastic palette knife"),
    ("T007", "eraser", "putty eraser"), ("T008", "glassine", "glassine sheets"), ("T009", "tape", "paper tape"),
    ("T010", "sandpaper", "sandpaper block"), ("T011", "other", "rest stick"), ("T012", "fixative", "workable fixative"),
]:
    tools.append([kind, ident, "Tolliver" if kind == "fixative" else "", name] + [""] * 8)

if __name__ == "__main__":
    write("tools.csv", tools)
    write("soft_sticks.csv", soft)
    write("hard_sticks.csv", hard)
    write("pencils.csv", pencil)
    write("pans.csv", pan)
    write("wet_media.csv", gouache + watercolour + ink)
    write("charcoal.csv", charcoal)
    write("papers.csv", papers, COLUMNS + ["sheet width", "sheet height", "fibres", "other side of"])
