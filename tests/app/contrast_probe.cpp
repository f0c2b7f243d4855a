#include "tests/app/contrast_probe.h"

#include <qcustomplot.h>
#include <QPainter>
#include <QPainterPath>
#include <QTransform>
#include <QWidget>
#include <algorithm>
#include <cmath>
#include <map>

namespace tests {
namespace {

// Paints into an image, whatever it is told; only texts are looked at.
class Engine : public QPaintEngine {
public:
    explicit Engine(QImage& image) : QPaintEngine(AllFeatures), m_image(image) {}
    std::vector<DrawnText> found{};
    std::vector<DrawnShape> shapes{};

    bool begin(QPaintDevice*) override { return m_painter.begin(&m_image); }
    bool end() override { return m_painter.end(); }
    [[nodiscard]] Type type() const override { return User; }

    void updateState(const QPaintEngineState& now) override
    {
        m_painter.setTransform(now.transform());
        m_painter.setPen(now.pen());
        m_painter.setBrush(now.brush());
        m_painter.setBrushOrigin(now.brushOrigin());
        m_painter.setFont(now.font());
        m_painter.setOpacity(now.opacity());
        m_painter.setRenderHints(now.renderHints());
        if (now.state() & DirtyClipPath)
            m_painter.setClipPath(now.clipPath(), now.clipOperation());
        else if (now.state() & DirtyClipRegion)
            m_painter.setClipRegion(now.clipRegion(), now.clipOperation());
        if (now.state() & DirtyClipEnabled) m_painter.setClipping(now.isClipEnabled());
    }

    void drawPath(const QPainterPath& path) override
    {
        note(path.boundingRect());
        inside([&] { m_painter.drawPath(path); });
    }
    void drawRects(const QRectF* rects, int count) override
    {
        for (int i = 0; i < count; ++i) note(rects[i]);
        inside([&] { m_painter.drawRects(rects, count); });
    }
    void drawRects(const QRect* rects, int count) override
    {
        for (int i = 0; i < count; ++i) note(rects[i]);
        inside([&] { m_painter.drawRects(rects, count); });
    }
    void drawLines(const QLineF* lines, int count) override
    {
        for (int i = 0; i < count; ++i) note(QRectF(lines[i].p1(), lines[i].p2()).normalized(), false);
        inside([&] { m_painter.drawLines(lines, count); });
    }
    void drawLines(const QLine* lines, int count) override
    {
        for (int i = 0; i < count; ++i) note(QRectF(lines[i].p1(), lines[i].p2()).normalized(), false);
        inside([&] { m_painter.drawLines(lines, count); });
    }
    void drawEllipse(const QRectF& area) override
    {
        note(area);
        inside([&] { m_painter.drawEllipse(area); });
    }
    void drawEllipse(const QRect& area) override
    {
        note(area);
        inside([&] { m_painter.drawEllipse(area); });
    }
    void drawPoints(const QPointF*, int) override {}
    void drawPoints(const QPoint*, int) override {}
    void drawPolygon(const QPointF* points, int count, PolygonDrawMode mode) override
    {
        note(QPolygonF(QList<QPointF>(points, points + count)).boundingRect(), mode != PolylineMode);
        inside([&] {
            if (mode == PolylineMode)
                m_painter.drawPolyline(points, count);
            else
                m_painter.drawPolygon(points, count, mode == WindingMode ? Qt::WindingFill : Qt::OddEvenFill);
        });
    }
    void drawPolygon(const QPoint* points, int count, PolygonDrawMode mode) override
    {
        std::vector<QPointF> exact(points, points + count);
        drawPolygon(exact.data(), count, mode);
    }
    void drawPixmap(const QRectF& area, const QPixmap& pixmap, const QRectF& of) override
    {
        inside([&] { m_painter.drawPixmap(area, pixmap, of); });
    }
    void drawImage(const QRectF& area, const QImage& image, const QRectF& of, Qt::ImageConversionFlags flags) override
    {
        inside([&] { m_painter.drawImage(area, image, of, flags); });
    }
    void drawTiledPixmap(const QRectF& area, const QPixmap& pixmap, const QPointF& offset) override
    {
        inside([&] { m_painter.drawTiledPixmap(area, pixmap, offset); });
    }
    void drawTextItem(const QPointF& at, const QTextItem& item) override
    {
        const QRectF box(at.x(), at.y() - item.ascent(), item.width(), item.ascent() + item.descent());
        QRect seen = m_painter.transform().mapRect(box).toAlignedRect() & m_image.rect();
        if (!systemClip().isEmpty()) seen = (QRegion(seen) & systemClip()).boundingRect();
        if (m_painter.hasClipping())
            seen &= m_painter.transform().mapRect(m_painter.clipBoundingRect()).toAlignedRect();
        if (seen.width() > 2 && seen.height() > 4 && !item.text().trimmed().isEmpty()) {
            const QColor ground = mostOf(seen);
            found.push_back({item.text(), over(m_painter.pen().color(), ground), ground, seen.topLeft()});
        }
        inside([&] { m_painter.drawText(at, item.text()); });
    }

private:
    void note(const QRectF& area, bool closed = true)
    {
        const bool lined = m_painter.pen().style() != Qt::NoPen,
                   filled = closed && m_painter.brush().style() != Qt::NoBrush;
        QRect seen = m_painter.transform().mapRect(area).toAlignedRect().adjusted(-2, -2, 2, 2) & m_image.rect();
        if (!systemClip().isEmpty()) seen = (QRegion(seen) & systemClip()).boundingRect();
        if ((!lined && !filled) || seen.width() < 4 || seen.height() < 4) return;
        const QColor ground = mostOf(seen);
        shapes.push_back({lined ? over(m_painter.pen().color(), ground) : QColor(),
                          filled ? over(m_painter.brush().color(), ground) : QColor(), ground, seen});
    }
    // What the window shows of each widget: only within that.
    template <class Draw>
    void inside(Draw draw)
    {
        if (systemClip().isEmpty()) return draw();
        m_painter.save();
        const QTransform transform = m_painter.transform();
        m_painter.setTransform({});
        m_painter.setClipRegion(systemClip(), m_painter.hasClipping() ? Qt::IntersectClip : Qt::ReplaceClip);
        m_painter.setTransform(transform);
        draw();
        m_painter.restore();
    }
    [[nodiscard]] QColor mostOf(const QRect& area) const
    {
        std::map<QRgb, int> counts;
        for (int y = area.top(); y <= area.bottom(); ++y)
            for (int x = area.left(); x <= area.right(); ++x) ++counts[m_image.pixel(x, y)];
        const auto most = std::max_element(counts.begin(), counts.end(),
                                           [](const auto& a, const auto& b) { return a.second < b.second; });
        return QColor::fromRgb(most->first);
    }
    [[nodiscard]] QColor over(const QColor& ink, const QColor& ground) const
    {
        const double share = ink.alphaF() * m_painter.opacity();
        const auto mixed = [&](int a, int b) { return static_cast<int>(std::lround(share * a + (1.0 - share) * b)); };
        return {mixed(ink.red(), ground.red()), mixed(ink.green(), ground.green()), mixed(ink.blue(), ground.blue())};
    }

    QImage& m_image;
    QPainter m_painter{};
};

class Device : public QPaintDevice {
public:
    explicit Device(QSize size) : m_image(size, QImage::Format_RGB32), m_engine(std::make_unique<Engine>(m_image)) {}
    [[nodiscard]] QPaintEngine* paintEngine() const override { return m_engine.get(); }
    [[nodiscard]] std::vector<DrawnText> found() const { return m_engine->found; }
    [[nodiscard]] std::vector<DrawnShape> shapes() const { return m_engine->shapes; }

protected:
    [[nodiscard]] int metric(PaintDeviceMetric metric) const override
    {
        constexpr int kDots = 96, kColours = 1 << 24, kDepth = 32;
        switch (metric) {
            case PdmWidth:
                return m_image.width();
            case PdmHeight:
                return m_image.height();
            case PdmWidthMM:
            case PdmHeightMM:
                return 254 * (metric == PdmWidthMM ? m_image.width() : m_image.height()) / (10 * kDots);
            case PdmNumColors:
                return kColours;
            case PdmDepth:
                return kDepth;
            case PdmDpiX:
            case PdmDpiY:
            case PdmPhysicalDpiX:
            case PdmPhysicalDpiY:
                return kDots;
            case PdmDevicePixelRatio:
                return 1;
            case PdmDevicePixelRatioScaled:
                return static_cast<int>(devicePixelRatioFScale());
        }
        return 0;
    }

private:
    QImage m_image;
    std::unique_ptr<Engine> m_engine;
};

}  // namespace

namespace {

// A plot keeps pictures of its layers, in which no text is seen any more: it is drawn afresh.
void drawOn(Device& device, QWidget& widget)
{
    auto* plot = qobject_cast<QCustomPlot*>(&widget);
    if (!plot) return widget.render(&device);
    QCPPainter painter(&device);
    plot->toPainter(&painter, plot->width(), plot->height());
}

}  // namespace

std::vector<DrawnText> drawnTexts(QWidget& widget)
{
    Device device(widget.size());
    drawOn(device, widget);
    return device.found();
}

std::vector<DrawnShape> drawnShapes(QWidget& widget)
{
    Device device(widget.size());
    drawOn(device, widget);
    return device.shapes();
}

}  // namespace tests
