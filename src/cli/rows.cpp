#include <array>
#include <charconv>
#include <cmath>
#include <functional>
#include <iostream>
#include <string>

#include "cli/commands.h"
#include "colour/difference.h"
#include "colour/munsell.h"
#include "colour/srgb.h"

namespace cli {

namespace {

using common::Problem;
using common::ProblemKind;

/// Streams rows of `count` numbers, separated by commas or blanks, through `work` and prints what it gives.
template <std::size_t count>
int streamRows(const std::function<void(const std::array<double, count>&, std::string&)>& work) {
    std::ios::sync_with_stdio(false);
    std::string line, out;
    for (int row = 1; std::getline(std::cin, line); ++row) {
        if (!line.empty() && line.back() == '\r') line.pop_back();
        if (line.find_first_not_of(" \t") == std::string::npos) continue;
        std::array<double, count> numbers{};
        const char* at = line.data();
        const char* end = at + line.size();
        const auto skip = [&] {
            while (at < end && (*at == ' ' || *at == '\t' || *at == ',' || *at == ';')) ++at;
        };
        std::size_t found = 0;
        bool good = true;
        for (skip(); at < end && good; skip()) {
            double number = 0;
            if (*at == '+') ++at;
            const auto [next, error] = std::from_chars(at, end, number);
            good = error == std::errc() && std::isfinite(number) && found < count;
            if (good) numbers[found++] = number;
            at = next;
        }
        if (!good || found != count) {
            std::cout << std::flush;
            return refuse({ProblemKind::rowBad, "standard input", row, std::to_string(count) + " numbers are needed"});
        }
        out.clear();
        work(numbers, out);
        std::cout << out << '\n';
    }
    std::cout << std::flush;
    return 0;
}

void append(std::string& out, double number) {
    char text[40];
    const auto [end, error] = std::to_chars(text, text + sizeof text, number, std::chars_format::fixed, 8);
    if (!out.empty()) out += ',';
    out.append(text, error == std::errc() ? end : text);
}

using Triple = std::array<double, 3>;
struct Space {
    const char* name;
    std::function<colour::Xyz(const Triple&)> toXyz;
    std::function<Triple(const colour::Xyz&)> fromXyz;
};

Triple tripleOf(const colour::Lab& lab) {
    return {lab.L, lab.a, lab.b};
}

/// XYZ relative to D50 with Y = 1 stands between any two. sRGB components are 0..1; Munsell value is that of a neutral,
/// so its other two numbers are 0.
const std::array<Space, 5>& spaces() {
    using namespace colour;
    static const std::array<Space, 5> all{{
        {"srgb",
         [](const Triple& t) {
             return xyzFromSrgb({t[0], t[1], t[2]});
         },
         [](const Xyz& x) {
             const Srgb s = srgbFromXyz(x);
             return Triple{s.r, s.g, s.b};
         }},
        {"xyz",
         [](const Triple& t) {
             return Xyz{t[0], t[1], t[2]};
         },
         [](const Xyz& x) {
             return Triple{x.x, x.y, x.z};
         }},
        {"lab",
         [](const Triple& t) {
             return xyzFromLab({t[0], t[1], t[2]});
         },
         [](const Xyz& x) { return tripleOf(labFromXyz(x)); }},
        {"lch",
         [](const Triple& t) {
             return xyzFromLab(labFromLch({t[0], t[1], t[2]}));
         },
         [](const Xyz& x) {
             const Lch l = lchFromLab(labFromXyz(x));
             return Triple{l.L, l.c, l.h};
         }},
        {"munsell-value",
         [](const Triple& t) {
             const double y = luminanceOfMunsellValue(t[0]);
             return Xyz{whiteD50.x * y, y, whiteD50.z * y};
         },
         [](const Xyz& x) {
             return Triple{munsellValue(x.y), 0, 0};
         }},
    }};
    return all;
}

const Space* spaceNamed(const QString& name) {
    for (const Space& space : spaces())
        if (name == QLatin1String(space.name)) return &space;
    refuse({ProblemKind::nameUnknown, "The space", 0, name.toStdString(), "srgb, xyz, lab, lch, munsell-value"});
    return nullptr;
}

}  // namespace

int convert(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--from", "--to"}, options)) return 2;
    const Space* from = spaceNamed(options.last("--from"));
    const Space* to = from ? spaceNamed(options.last("--to")) : nullptr;
    if (!to) return 2;
    return streamRows<3>([&](const Triple& numbers, std::string& out) {
        for (const double v : to->fromXyz(from->toXyz(numbers))) append(out, v);
    });
}

int difference(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--formula"}, options)) return 2;
    const QString formula = options.last("--formula", "2000");
    if (formula != "2000" && formula != "76")
        return refuse({ProblemKind::nameUnknown, "The formula", 0, formula.toStdString(), "2000, 76"});
    const auto distance = formula == "76" ? &colour::differenceCie76 : &colour::differenceCie2000;
    return streamRows<6>([&](const std::array<double, 6>& n, std::string& out) {
        append(out, distance({n[0], n[1], n[2]}, {n[3], n[4], n[5]}));
    });
}

}  // namespace cli
