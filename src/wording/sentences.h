#pragma once

#include <QString>
#include <QStringList>
#include <string_view>

#include "common/problem.h"
#include "matching/extremes.h"
#include "matching/substitutes.h"
#include "materials/owned.h"
#include "planning/plan.h"
#include "planning/tooth_answers.h"

namespace wording {

/// Calm whole sentences, and the short names of things, in the language of the interface.

/// What is wrong and what to do about it, in one sentence.
QString problemSentence(const common::Problem& problem);

/// Short, for a step's or a paper's list of reasons: "background before foreground".
QString reasonPhrase(const planning::Reason& reason);
/// The same as a sentence of its own.
QString reasonSentence(const planning::Reason& reason);

/// One or two sentences.
QString noteSentence(const planning::Note& note, const planning::Plan& plan);
QString noteKindWord(planning::NoteKind kind);

/// The artist's name for an area, or a description: "warm brown, lower left".
QString areaName(const planning::Plan& plan, int areaIndex);
/// Of all areas of a reading, before there is a plan.
QStringList areaNames(const planning::Study& study, const subject::Areas& areas);
/// "kettle; cloth; and 3 more": at most so many by name.
QString areasNamed(const planning::Plan& plan, const std::vector<int>& areas, std::size_t most = 4);
/// The areas of a stack.
QString stackName(const planning::Plan& plan, int stack);

/// A picture difference as the eye has it: "a little apart".
QString nearnessWords(double pictureDifference);
/// How near the finished sheet comes, and where it is farthest off: "hardly apart from the easel (1.4 ΔE00), a little
/// apart in wall (2.3 ΔE00)".
QString pictureWords(const planning::Plan& plan);
/// Where a step's layers run out over soft edges: "Let it run out into the wall, the cloth."; empty where they do not.
QString runningOutSentence(const planning::Plan& plan, const planning::Step& step);
/// How a layer is laid: "light on 30 %, medium on 41 %".
QString laidWords(const planning::Layer& layer);
QString detailWord(planning::Detail detail);
QString stageWord(planning::Stage stage);
/// What would leave more of the tooth.
QString toothSentence(const planning::ToothAnswers& answers);
/// Where the hand is not to rest meanwhile; empty where it may rest anywhere.
QString handSentence(const planning::Plan& plan, const planning::Step& step);
QString mannerWord(pigment::Manner manner);
/// What has been done: "scumbled".
QString mannerPast(pigment::Manner manner);
QString pressureWord(pigment::Pressure pressure);
/// "light", "light to medium": where it is clear that pressure is meant.
QString pressureName(pigment::Pressure pressure);
QString kindWord(materials::Kind kind);
QString toolWord(planning::Tool tool);
/// What a step is done with: a stick by its name, "finger", "fixative".
QString inHandWords(const planning::Plan& plan, const planning::Step& step);
/// After "under": "daylight", "lamp light".
QString lightWord(colour::Light light);

/// Parted by commas.
QString listed(const std::vector<std::string>& list);
QString surfaceWord(materials::Surface surface);
/// After "it takes": "no water".
QString waterWord(materials::Water water);
/// "along the width": of a sheet as it is bought.
QString fibresWord(materials::FibreDirection fibres);
QString stockWord(materials::Stock stock);
QString toolWord(materials::ToolKind kind);
/// Where a colour was got from: "read off a swatch card".
QString sourceWords(materials::ColourSource source);

/// What a column of a list tells, after its heading in the files: "lightfastness", "slot in the box".
QString columnWord(std::string_view heading);

/// What is known of a thing in the drawer, in whole sentences, and what calls for care.
QStringList whatIsKnown(const materials::Owned& owned);
/// What could stand for a missing stick, and what that changes. The lays refer to `media`.
QStringList substituteSentences(const matching::Substitutes& substitutes,
                                const std::vector<materials::Material>& media);
/// The strong black and the whites of a set. The extremes refer to `media`.
QStringList extremeSentences(const matching::Extremes& extremes, const std::vector<materials::Material>& media);
QStringList cautionsOf(const materials::Owned& owned);

/// A colour by look: "deep violet", "light warm grey".
QString colourWords(const colour::Lab& lab);

/// How `seen` differs from `wanted`, as artists say it: "half a step too dark, a little too warm"; "matches" if it
/// does.
QString differenceWords(const colour::Lab& wanted, const colour::Lab& seen);

/// "1.2 ΔE00".
QString differenceFigure(double difference);
/// "3 h 35 min".
QString duration(double minutes);
/// "40 × 30 cm".
QString sheetSize(double widthMillimetres, double heightMillimetres);

}  // namespace wording
