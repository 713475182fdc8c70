#pragma once

#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "materials/material.h"
#include "planning/plan.h"

/// A small picture (wall, table, ball in the light) and a mixed tray: a study that plans in a moment, its paper and
/// ground chosen.
inline planning::Study smallStudy() {
    cv::Mat image(150, 200, CV_8UC3, cv::Scalar(150, 165, 170));
    cv::rectangle(image, {0, 100, 200, 50}, cv::Scalar(60, 52, 48), cv::FILLED);
    cv::circle(image, {100, 85}, 38, cv::Scalar(40, 80, 150), cv::FILLED, cv::LINE_AA);
    cv::ellipse(image, {112, 95}, {26, 24}, 0, 0, 360, cv::Scalar(25, 45, 90), cv::FILLED, cv::LINE_AA);
    cv::circle(image, {86, 68}, 7, cv::Scalar(200, 220, 245), cv::FILLED, cv::LINE_AA);
    std::vector<uchar> png;
    cv::imencode(".png", image, png);
    planning::Study study;
    study.title = "Ball";
    study.reference = std::make_shared<planning::ReferenceFile>(planning::ReferenceFile{"ball.png", png});
    study.widthMillimetres = 240;
    study.heightMillimetres = 180;
    study.areas = 4;
    study.stickLimit = 10;
    study.areaChoices = {{0.5, 0.5, "ball"}};
    // What is not left to the program need not be compared.
    study.paper = "p-grey";
    study.approach.ground = planning::Ground::localWash;
    return study;
}

inline materials::Library smallLibrary() {
    using materials::Kind;
    materials::Library library;
    const auto add = [&](Kind kind, const char* hex, std::vector<std::string> hazards = {}) {
        materials::Material m;
        m.id = std::string("t").append(std::to_string(library.media.size() + 1));
        m.name.assign("stick ").append(m.id);
        m.maker = "Test & Sons";
        m.kind = kind;
        m.masstone = *colour::srgb8FromHex(hex);
        m.hardness = materials::usualHardness(kind);
        m.pigments = {"PW6"};
        m.lightfastness = "excellent";
        m.hazards = std::move(hazards);
        library.media.push_back(m);
    };
    for (const char* hex : {"#f4f2ee", "#1f1d1c", "#a89f95", "#6b6560", "#8f4a24", "#c07a3c", "#e0b070", "#3c4250",
                            "#5a3020", "#cfc8bd", "#7d90a8"})
        add(Kind::soft, hex);
    for (const char* hex : {"#945028", "#30343c", "#efe9e0"}) add(Kind::pencil, hex);
    add(Kind::hard, "#b98a58", {"cadmium"});
    add(Kind::gouache, "#7a5030");
    add(Kind::ink, "#191819");
    library.papers = {{"p-grey", "Mill", "sanded grey", materials::Surface::sanded400, *colour::srgb8FromHex("#8a857f"),
                       materials::Water::full},
                      {"p-dry", "Mill", "velour brown", materials::Surface::velour, *colour::srgb8FromHex("#6a5648"),
                       materials::Water::none},
                      {"p-white", "Mill", "cartridge white", materials::Surface::cartridge,
                       *colour::srgb8FromHex("#f2f0ea"), materials::Water::thin}};
    return library;
}

/// How many of a stack's layers are of a stick.
inline int sticksLaidIn(const planning::PlannedStack& stack) {
    return int(std::ranges::count_if(stack.layers, [](const planning::Layer& layer) { return layer.stick >= 0; }));
}
