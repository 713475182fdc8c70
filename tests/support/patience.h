#pragma once

#include <QtTest>

/// What a test waits for comes as soon as it can; how long it is waited for only tells when to give up. A test that
/// passes on a quick machine passes on a busy one: Qt's five seconds are a minute and more here.
inline constexpr int patience = 90'000;  // milliseconds

#undef QTRY_VERIFY
#define QTRY_VERIFY(expr) QTRY_VERIFY_WITH_TIMEOUT((expr), patience)
#undef QTRY_VERIFY2
#define QTRY_VERIFY2(expr, message) QTRY_VERIFY2_WITH_TIMEOUT((expr), message, patience)
#undef QTRY_COMPARE
#define QTRY_COMPARE(actual, expected) QTRY_COMPARE_WITH_TIMEOUT((actual), expected, patience)
