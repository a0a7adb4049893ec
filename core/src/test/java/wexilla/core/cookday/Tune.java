package wexilla.core.cookday;
import java.nio.file.*; import java.util.*;
class Tune {
  public static void main(String[] a) throws Exception {
    Path cache = Path.of("/tmp/proven.txt"); Map<Integer,Integer> known = new HashMap<>();
    if (Files.exists(cache)) for (String l : Files.readAllLines(cache)) known.put(Integer.parseInt(l.split(" ")[0]), Integer.parseInt(l.split(" ")[1]));
    int to = Integer.parseInt(a[0]); long[] limit = {50,300,1000}; double[] sum=new double[3], worst=new double[3]; int n=0;
    for (int warm=0; warm<2; warm++) { long u=System.nanoTime()+1500_000_000L; DaySearch.of(CookDays.of(99+warm, 12),1,1_000_000_000,()->System.nanoTime()>u);}    
    StringBuilder out=new StringBuilder();
    for (int seed=1; seed<=to; seed++) {
      DayProblem p = CookDays.of(seed, 4 + seed % 12);
      StringBuilder l = new StringBuilder(seed+" "+p.jobs().size());
      int[] f=new int[3]; 
      for (int k=0;k<3;k++){ long u=System.nanoTime()+limit[k]*1_000_000; DayPlan plan=DaySearch.of(p,1,1_000_000_000,()->System.nanoTime()>u).orElseThrow(); f[k]=plan.handsFree(); if(!DayCheck.broken(plan).isEmpty()) System.out.println("BROKEN "+DayCheck.broken(plan)); }
      if(!known.containsKey(seed)) { var pr=ProvenDay.of(p, f[2]+200, Double.parseDouble(a[1])); known.put(seed, pr.free()); Files.writeString(cache, seed+" "+pr.free()+" "+pr.optimal()+" "+pr.boundFree()+"\n", StandardOpenOption.CREATE, StandardOpenOption.APPEND); }
      int best=known.get(seed);
      for(int k=0;k<3;k++){ double g=100.0*(f[k]-best)/best; sum[k]+=g; worst[k]=Math.max(worst[k],g); l.append(String.format(" %.1f",g)); }
      n++; out.append(l).append(" | ");
    }
    System.out.println(out); System.out.printf("mean %.2f %.2f %.2f worst %.1f %.1f %.1f evals/s %d%n", sum[0]/n,sum[1]/n,sum[2]/n,worst[0],worst[1],worst[2], DaySearch.evaluations/(long)(n*1.35+3));
  }
}
