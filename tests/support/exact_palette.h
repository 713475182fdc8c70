#pragma once

#include <glpk.h>

#include <map>
#include <memory>

#include "tried_stacks.h"

/// The least cost of a palette that keeps to the rules (nothing pinned), with stacks of at most two layers: the exact
/// optimum of an integer programme, by GLPK's branch and bound. A stack for each area is chosen; a stick that one of
/// them draws from is bought.
inline double exactCost(const std::vector<matching::Want>& wants, const matching::OptionBank& bank,
                        const matching::PaletteRules& rules, const matching::StackWeights& weights) {
    const std::unique_ptr<glp_prob, decltype(&glp_delete_prob)> problem(glp_create_prob(), &glp_delete_prob);
    glp_prob* p = problem.get();
    glp_set_obj_dir(p, GLP_MIN);
    const auto binary = [&](double cost) {
        const int column = glp_add_cols(p, 1);
        glp_set_col_kind(p, column, GLP_BV);
        glp_set_obj_coef(p, column, cost);
        return column;
    };
    const auto row = [&](int kind, double bound, std::vector<int> columns, std::vector<double> factors) {
        const int at = glp_add_rows(p, 1);
        glp_set_row_bnds(p, at, kind, bound, bound);
        columns.insert(columns.begin(), 0);  // GLPK counts from 1
        factors.insert(factors.begin(), 0.0);
        glp_set_mat_row(p, at, int(columns.size()) - 1, columns.data(), factors.data());
    };
    std::vector<int> sticks;
    for (std::size_t i = 0; i < bank.sticks.size(); ++i) sticks.push_back(binary(rules.stickPrice));
    row(GLP_UP, rules.limit, sticks, std::vector<double>(sticks.size(), 1.0));
    for (const matching::StickGroup& group : rules.groups) {
        std::vector<int> columns;
        for (const int stick : group.sticks) columns.push_back(sticks[std::size_t(stick)]);
        row(GLP_UP, group.most, columns, std::vector<double>(columns.size(), 1.0));
    }
    for (const matching::Want& want : wants) {
        // Of the stacks that draw from the same sticks only the best can be in the optimum.
        std::map<unsigned, double> leastBySticks;
        for (const matching::Stack& stack : everyStack(want, bank, weights)) {
            const auto [at, isNew] = leastBySticks.try_emplace(sticksIn(stack), stack.cost);
            if (!isNew) at->second = std::min(at->second, stack.cost);
        }
        std::vector<int> columns;
        for (const auto& [set, cost] : leastBySticks) {
            columns.push_back(binary(want.importance * cost));
            for (std::size_t s = 0; s < sticks.size(); ++s)
                if (set >> s & 1u) row(GLP_UP, 0, {columns.back(), sticks[s]}, {1, -1});
        }
        row(GLP_FX, 1, columns, std::vector<double>(columns.size(), 1.0));
    }
    glp_iocp how;
    glp_init_iocp(&how);
    how.presolve = GLP_ON;
    how.msg_lev = GLP_MSG_OFF;
    if (glp_intopt(p, &how) != 0 || glp_mip_status(p) != GLP_OPT) qFatal("GLPK has not solved it");
    return glp_mip_obj_val(p);
}
