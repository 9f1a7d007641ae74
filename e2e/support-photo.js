/** One of everything that an address of the photographs names. */
export async function photosOf(event, make) {
    const room = `/events/${event}/photographs`;
    const kit = (kind, fields) => make(`${room}/kit`, { kind, name: `F ${kind}`, ...fields }, "kit_items");
    const camera = await kit("camera", {
        is_phone: "0",
        sensor_w: "22.3",
        sensor_h: "14.9",
        pixel_um: "4.3",
        iso_least: "100",
        iso_most: "6400",
        frames_per_s: "5",
        buffer_frames: "12",
        write_s: "0.4",
    });
    const optics = await kit("optics", { build: "refractor", focal_mm: "600", f_number: "7.5" });
    const kitItem = await kit("filter", { make: "photo_front", seat: "front", fixing: "taped", opening_mm: "50" });
    const mount = await kit("mount", { tracks: "0" });
    const plan = {
        name: "F",
        camera_id: camera,
        optics_id: optics,
        filter_id: kitItem,
        mount_id: mount,
        f_number: "7.5",
        iso: "100",
        iso_filtered: "100",
        hand_s: "4",
        interval_s: "300",
        cloud_stops: "0",
        corona_radii: "1.5",
        roll_deg: "0",
        drift_px: "3",
        clear_s: "40",
        finder: "removed",
        watched_by: "F",
        place: "",
    };
    const test = { taken_at: "2026-10-03T14:13", exposure: "1/2000", f_number: "7.5", iso: "100", percent: "75" };
    return {
        kitItem,
        photoPlan: await make(room, plan, "photo_plans"),
        filterTest: await make(`${room}/kit/${kitItem}/tests`, test, "filter_tests"),
    };
}
