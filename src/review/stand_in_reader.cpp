#include "review/stand_in_reader.h"

#include <chrono>
#include <random>
#include <thread>

namespace review {

using common::Problem;
using common::ProblemKind;

ColourReader standInReader(std::shared_ptr<StandInSituation> situation, unsigned seed) {
    struct State {
        std::mt19937 random;
        bool connected = false;
    };
    const auto state = std::make_shared<State>(State{std::mt19937(seed)});
    ColourReader reader;
    reader.name = "Stand-in reader";
    reader.tile = StandInSituation{}.under;
    reader.connect = [situation, state]() -> common::Done {
        if (situation->touchesUntilLost == 0) situation->touchesUntilLost = -1;  // plugged in again
        state->connected = true;
        return std::monostate{};
    };
    reader.touch = [situation, state]() -> common::Result<std::vector<colour::Xyz>> {
        std::this_thread::sleep_for(std::chrono::milliseconds(situation->milliseconds));
        if (situation->touchesUntilLost == 0) state->connected = false;
        if (!state->connected) return Problem{ProblemKind::readerLost, "Stand-in reader"};
        if (situation->touchesUntilLost > 0) --situation->touchesUntilLost;
        std::normal_distribution<double> noise(1, situation->noise);
        std::bernoulli_distribution slips(situation->slipped);
        std::vector<colour::Xyz> readings;
        for (int i = 0; i < situation->readingsATouch; ++i) {
            const colour::Xyz under = slips(state->random) ? colour::Xyz{0.84, 0.87, 0.72} : situation->under;
            // The lamp's flicker goes through all three, the sensors' noise through each.
            const double flicker = noise(state->random);
            readings.push_back({under.x * situation->drift[0] * flicker * noise(state->random),
                                under.y * situation->drift[1] * flicker * noise(state->random),
                                under.z * situation->drift[2] * flicker * noise(state->random)});
        }
        return readings;
    };
    return reader;
}

}  // namespace review
