import Alpine from "@alpinejs/csp";
import { eventForm } from "./events.js";
import { pairCheck } from "./eyewear.js";
import { placeMap, skyMap } from "./map.js";
import { sitePlan } from "./plan.js";
import { siteTable } from "./sites.js";
import { skyDisc } from "./sky.js";
import { boxDesign } from "./viewers.js";

Alpine.data("eventForm", eventForm);
Alpine.data("pairCheck", pairCheck);
Alpine.data("sitePlan", sitePlan);
Alpine.data("siteTable", siteTable);
Alpine.data("skyDisc", skyDisc);
Alpine.data("placeMap", placeMap);
Alpine.data("skyMap", skyMap);
Alpine.data("boxDesign", boxDesign);
Alpine.start();
