#pragma once

#include <opencv2/core.hpp>

#include "planning/order.h"
#include "planning/planner.h"
#include "planning/underpainting.h"

/// A plan built by hand, to try rules on one by one: areas in a row from left to right, each a tenth of a small
/// picture, every one with a stack of its own.
class HandPlan {
 public:
    explicit HandPlan(int areas) {
        auto reading = std::make_shared<planning::Reading>();
        reading->areas.map.create(10, 10 * areas, CV_32S);
        for (int a = 0; a < areas; ++a) {
            reading->areas.map(cv::Rect(10 * a, 0, 10, 10)).setTo(a);
            subject::Area area;
            area.id = area.together = a + 1;
            area.key = "a" + std::to_string(a);
            area.share = 1.0 / areas;
            area.centreX = (a + 0.5) / areas;
            area.centreY = 0.5;
            if (a > 0) area.neighbours.push_back(a);
            if (a + 1 < areas) area.neighbours.push_back(a + 2);
            reading->areas.list.push_back(area);
            planning::PlannedStack stack;
            stack.areas = {a};
            stack.share = 1.0 / areas;
            plan.stacks.push_back(stack);
            plan.stackOfArea.push_back(a);
        }
        reading->wanted = cv::Mat(reading->areas.map.size(), CV_32FC3, cv::Scalar(50, 0, 0));
        reading->wantedSquinted = reading->wanted;
        plan.stackMap = reading->areas.map;
        areaList = &reading->areas.list;
        plan.reading = reading;
        plan.paper = {"p", "Mill", "grey", materials::Surface::sanded400, {128, 128, 128}, materials::Water::full};
        plan.areaNames.assign(std::size_t(areas), "");
        const pigment::Patch bare = pigment::barePatch(plan.paper);
        for (planning::PlannedStack& stack : plan.stacks) stack.start = bare;
        plan.ground = planning::bareGround(*plan.reading, plan.paper);
    }

    /// A stick of this grey; gives its index.
    int stick(int grey, materials::Kind kind = materials::Kind::soft) {
        materials::Material m;
        m.id = "s" + std::to_string(plan.sticks.size());
        m.name = "grey " + std::to_string(grey);
        m.kind = kind;
        m.hardness = materials::usualHardness(kind);
        const auto g = std::uint8_t(grey);
        m.masstone = {g, g, g};
        plan.sticks.push_back(m);
        plan.prepared = matching::prepared(plan.sticks, plan.light);
        return int(plan.sticks.size()) - 1;
    }

    /// One more layer of a stack, laid medium on such a share of it.
    void layer(int stack, int stick, pigment::Manner manner = pigment::Manner::scumble, double laid = 0.5) {
        planning::Layer layer;
        layer.stick = stick;
        layer.manner = manner;
        layer.medium = laid;
        layer.markMillimetres = 3;
        auto& layers = plan.stacks[std::size_t(stack)].layers;
        layer.key = "a" + std::to_string(stack) + "/" + std::to_string(layers.size());
        layers.push_back(layer);
        while (plan.pressures.size() < layers.size())
            plan.pressures.push_back(cv::Mat::zeros(plan.stackMap.size(), CV_8U));
        plan.pressures[layers.size() - 1].setTo(2 * rendering::mapStep, plan.stackMap == stack);
    }

    /// A tool over all that lies in a stack so far.
    void tool(int stack, planning::Tool tool) {
        layer(stack, -1, tool == planning::Tool::fixative ? pigment::Manner::fix : pigment::Manner::blend, 1.0);
        plan.stacks[std::size_t(stack)].layers.back().tool = tool;
    }

    /// A wash under these areas.
    void wash(int stick, std::vector<int> areas) {
        plan.ground.strategy = planning::Ground::localWash;
        plan.ground.layers.push_back({{{plan.sticks[std::size_t(stick)], 1}},
                                      pigment::Manner::wash,
                                      pigment::Pressure::medium,
                                      std::move(areas),
                                      {planning::ReasonKind::groundNearColour, 3}});
    }

    std::vector<planning::Step>& order(planning::School school = planning::School::darkFirst) {
        study.approach.stacks.school = school;
        plan.steps = planning::orderedSteps(plan, study);
        return plan.steps;
    }

    /// The step in which a layer is laid; null if it is in none.
    const planning::Step* stepOf(int stack, int layer) const {
        for (const planning::Step& step : plan.steps)
            if (std::ranges::find(step.layers, planning::LayerPlace{stack, layer}) != step.layers.end()) return &step;
        return nullptr;
    }

    planning::Plan plan;
    planning::Study study;
    std::vector<subject::Area>* areaList;
};
