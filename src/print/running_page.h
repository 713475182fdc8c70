#pragma once

#include <QPainter>
#include <QPdfWriter>
#include <functional>

#include "common/result.h"
#include "drawing/fonts.h"
#include "print/units.h"

namespace print {

/// A4 pages that are filled from the top down, one after the other.
class RunningPage {
 public:
    static constexpr double width = 180 * mm, height = 267 * mm;  // A4 less margins of 15 mm

    explicit RunningPage(QPdfWriter& writer) : writer_(writer), painter_(&writer) {}

    QPainter& painter() { return painter_; }
    /// Where the next line stands.
    double y() const { return y_; }
    void down(double by) { y_ += by; }
    /// Begins a page where there is not so much room left.
    void need(double room);
    void line(const QString& words, drawing::TypeSize size, bool bold = false, double left = 0);

 private:
    QPdfWriter& writer_;
    QPainter painter_;
    double y_ = 0;
};

/// Writes such pages as PDF, whole or not at all. Needs a QGuiApplication.
common::Done writeRunningPages(const QString& title, const QString& file,
                               const std::function<void(RunningPage&)>& paint);

}  // namespace print
