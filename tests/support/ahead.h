// Read once for all tests (precompiled). Each test still includes what it uses.
#include <Eigen/Core>
#include <QImage>
#include <QTemporaryDir>
#include <QtTest>
#include <algorithm>
#include <filesystem>
#include <fstream>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <optional>
#include <random>
#include <ranges>
#include <sstream>
#include <string>
#include <variant>
#include <vector>
