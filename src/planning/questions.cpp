#include "planning/questions.h"

#include <array>

#include "common/naming.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, questionCount> questions{
    "school", "first", "hardness", "blending", "black", "ground", "fixative", "colour", "highlights", "progression"};

/// Calls visit with the part of the approach that answers the question, and how many answers there are.
template <typename ApproachType, typename Visit>
auto visited(ApproachType& approach, Question question, const Visit& visit) {
    switch (question) {
        case Question::valueOrder:
            return visit(approach.stacks.school, 2);
        case Question::firstPart:
            return visit(approach.first, 2);
        case Question::hardness:
            return visit(approach.stacks.hardness, 2);
        case Question::blending:
            return visit(approach.stacks.blending, 3);
        case Question::black:
            return visit(approach.stacks.black, 3);
        case Question::ground:
            return visit(approach.ground, groundCount);
        case Question::fixing:
            return visit(approach.stacks.fixing, 3);
        case Question::colour:
            return visit(approach.intensity, 2);
        case Question::highlights:
            return visit(approach.highlights, 2);
        case Question::progression:
            break;
    }
    return visit(approach.progression, 2);
}

}  // namespace

std::string_view nameOf(Question question) {
    return questions[static_cast<std::size_t>(question)];
}
std::optional<Question> questionNamed(std::string_view name) {
    return common::enumNamed<Question>(questions, name);
}

int answerCount(Question question) {
    const Approach any;
    return visited(any, question, [](const auto&, int count) { return count; });
}

std::string_view nameOfAnswer(Question question, int answer) {
    const Approach approach = answered({}, question, answer);
    return visited(approach, question, [](const auto& part, int) { return nameOf(part); });
}

std::optional<int> answerNamed(Question question, std::string_view name) {
    for (int answer = 0; answer < answerCount(question); ++answer)
        if (nameOfAnswer(question, answer) == name) return answer;
    return std::nullopt;
}

int answerTo(Question question, const Approach& approach) {
    return visited(approach, question, [](const auto& part, int) { return int(part); });
}

Approach answered(Approach approach, Question question, int answer) {
    visited(approach, question, [&](auto& part, int) {
        part = static_cast<std::remove_reference_t<decltype(part)>>(answer);
        return 0;
    });
    return approach;
}

}  // namespace planning
