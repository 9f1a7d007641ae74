import Alpine from "@alpinejs/csp";
import { lightSound } from "./audience/light-sound.js";
import { yard } from "./audience/yard.js";
import { day } from "./day/screen.js";
import { daysWaiting } from "./day/waiting.js";
import { leaving, wipe } from "./day/wipe.js";
import { eventForm } from "./event/form.js";
import { labels } from "./eyewear/labels.js";
import { pairCheck } from "./eyewear/pair-check.js";
import { spectrum } from "./eyewear/spectrum.js";
import { station } from "./eyewear/station.js";
import { waiting } from "./eyewear/waiting.js";
import { liveForm, printPage } from "./live-form.js";
import { cameraPlan } from "./photo/plan.js";
import { lanes } from "./runsheet/lanes.js";
import { sitePlan } from "./site/plan.js";
import { position } from "./site/position.js";
import { skyDisc } from "./sky/disc.js";
import { placeMap, skyMap } from "./sky/map.js";
import { trainingCards } from "./training/cards.js";
import { trainingDrill } from "./training/drill.js";
import { trainingLenses } from "./training/lenses.js";
import { trainingScene } from "./training/scene.js";
import { trainingSteps } from "./training/steps.js";
import { watched } from "./watched.js";
import { bench } from "./viewers/bench.js";
import { pad } from "./viewers/pad.js";

// Each is found in the page by x-data="…".
const parts = {
    bench,
    cameraPlan,
    day,
    daysWaiting,
    eventForm,
    labels,
    lanes,
    leaving,
    lightSound,
    liveForm,
    pad,
    pairCheck,
    watched,
    placeMap,
    position,
    printPage,
    sitePlan,
    skyDisc,
    skyMap,
    spectrum,
    station,
    trainingCards,
    trainingDrill,
    trainingLenses,
    trainingScene,
    trainingSteps,
    waiting,
    yard,
};
Object.entries(parts).forEach(([name, part]) => Alpine.data(name, part));
Alpine.start();
if ("nobody" in document.body.dataset) wipe();
