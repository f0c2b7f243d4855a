#include "app/widgets/vehicle_accessible.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <algorithm>
#include <map>
#include <memory>

#include "app/widgets/vehicle_drawing.h"

namespace app {
namespace {

class ThingAccessible : public QAccessibleInterface, public QAccessibleActionInterface {
public:
    ThingAccessible(VehicleDrawing& drawing, int index) : m_drawing(drawing), m_index(index) {}

    [[nodiscard]] bool isValid() const override { return thing() != nullptr; }
    [[nodiscard]] QObject* object() const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* parent() const override
    {
        return QAccessible::queryAccessibleInterface(&m_drawing);
    }
    [[nodiscard]] QAccessibleInterface* child(int) const override { return nullptr; }
    [[nodiscard]] QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    [[nodiscard]] int childCount() const override { return 0; }
    [[nodiscard]] int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    [[nodiscard]] QString text(QAccessible::Text kind) const override
    {
        if (!thing()) return {};
        if (kind == QAccessible::Name) return thing()->name;
        if (kind == QAccessible::Value || kind == QAccessible::Description) return thing()->value;
        return {};
    }
    void setText(QAccessible::Text, const QString&) override {}
    [[nodiscard]] QRect rect() const override
    {
        if (!thing()) return {};
        const QPoint centre = m_drawing.mapToGlobal(m_drawing.pointOf(*thing()).toPoint());
        return {centre - QPoint(16, 16), QSize(32, 32)};
    }
    [[nodiscard]] QAccessible::Role role() const override { return QAccessible::Button; }
    [[nodiscard]] QAccessible::State state() const override
    {
        QAccessible::State state;
        state.focusable = true;
        state.focused = m_drawing.hasFocus() && thing() && m_drawing.current() == thing();
        return state;
    }
    void* interface_cast(QAccessible::InterfaceType type) override
    {
        return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this) : nullptr;
    }
    [[nodiscard]] QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& action) override
    {
        if (action == pressAction() && thing()) m_drawing.activate(DrawnThing(*thing()));
    }
    [[nodiscard]] QStringList keyBindingsForAction(const QString&) const override { return {}; }

private:
    [[nodiscard]] const DrawnThing* thing() const
    {
        const auto& things = m_drawing.things();
        return m_index < static_cast<int>(things.size()) ? &things[static_cast<size_t>(m_index)] : nullptr;
    }

    VehicleDrawing& m_drawing;
    int m_index;
};

class DrawingAccessible : public QAccessibleWidget {
public:
    explicit DrawingAccessible(VehicleDrawing* drawing)
        : QAccessibleWidget(drawing, QAccessible::Graphic), m_drawing(*drawing)
    {
    }
    ~DrawingAccessible() override
    {
        for (const auto& [index, id] : m_children) QAccessible::deleteAccessibleInterface(id);
    }
    [[nodiscard]] int childCount() const override { return static_cast<int>(m_drawing.things().size()); }
    [[nodiscard]] QAccessibleInterface* child(int index) const override
    {
        if (index < 0 || index >= childCount()) return nullptr;
        const auto [entry, isNew] = m_children.try_emplace(index);
        if (isNew) entry->second = QAccessible::registerAccessibleInterface(new ThingAccessible(m_drawing, index));
        return QAccessible::accessibleInterface(entry->second);
    }
    [[nodiscard]] int indexOfChild(const QAccessibleInterface* child) const override
    {
        for (const auto& [index, id] : m_children)
            if (QAccessible::accessibleInterface(id) == child) return index;
        return -1;
    }
    [[nodiscard]] QAccessibleInterface* focusChild() const override
    {
        const DrawnThing* current = m_drawing.hasFocus() ? m_drawing.current() : nullptr;
        return current ? child(static_cast<int>(current - m_drawing.things().data())) : nullptr;
    }

private:
    VehicleDrawing& m_drawing;
    mutable std::map<int, QAccessible::Id> m_children{};
};

QAccessibleInterface* factory(const QString&, QObject* object)
{
    auto* drawing = qobject_cast<VehicleDrawing*>(object);
    return drawing ? new DrawingAccessible(drawing) : nullptr;
}

}  // namespace

void makeVehicleDrawingsAccessible()
{
    QAccessible::removeFactory(factory);  // installed once, however many drawings there are
    QAccessible::installFactory(factory);
}

void announceCurrent(VehicleDrawing& drawing)
{
    const DrawnThing* current = drawing.current();
    if (!current || !QAccessible::isActive()) return;
    QAccessibleEvent event(&drawing, QAccessible::Focus);
    event.setChild(static_cast<int>(current - drawing.things().data()));
    QAccessible::updateAccessibility(&event);
}

}  // namespace app
