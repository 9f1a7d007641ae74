/* Local circumstances by the library behind swetest: libswe FILE, a latitude and a longitude to the line. */
#include <stdio.h>
#include <time.h>
#include <swephexp.h>

int main(int argc, char **argv)
{
    double tret[10], attr[20], lat, lon, best = 1e99;
    char error[256];
    int count = 0;

    if (argc < 2) return 2;
    swe_set_ephe_path("/usr/share/libswe/ephe");
    for (int run = 0; run < 2; ++run) {
        FILE *sites = fopen(argv[1], "r");
        struct timespec from, to;
        if (!sites) return 2;
        count = 0;
        clock_gettime(CLOCK_MONOTONIC, &from);
        while (fscanf(sites, "%lf %lf", &lat, &lon) == 2) {
            double place[3] = {lon, lat, 0};
            if (swe_sol_eclipse_when_loc(swe_julday(2027, 8, 1, 12, SE_GREG_CAL), SEFLG_SWIEPH, place, tret, attr, 0, error) < 0) return 1;
            ++count;
        }
        clock_gettime(CLOCK_MONOTONIC, &to);
        fclose(sites);
        double seconds = (to.tv_sec - from.tv_sec) + (to.tv_nsec - from.tv_nsec) / 1e9;
        if (seconds < best) best = seconds;
    }
    printf("sites_per_second %.1f\n", count / best);
    return 0;
}
